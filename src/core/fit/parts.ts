/** Stock parts and case facts the fit is computed from. All lengths mm. */

export const CRYSTAL_MATERIALS = ['acrylic', 'mineral', 'hardened-mineral', 'sapphire'] as const
export type CrystalMaterial = (typeof CRYSTAL_MATERIALS)[number]

export const CRYSTAL_PROFILES = ['flat', 'single-dome', 'double-dome'] as const
export type CrystalProfile = (typeof CRYSTAL_PROFILES)[number]

export const GASKET_MATERIALS = ['nylon', 'acetal', 'PTFE', 'nitrile'] as const
export type GasketMaterial = (typeof GASKET_MATERIALS)[number]

export const GASKET_SECTIONS = ['I', 'L'] as const
export type GasketSection = (typeof GASKET_SECTIONS)[number]

export interface StockCrystal {
  readonly id: number
  readonly code: string
  readonly drawer: string
  readonly diameterMm: number
  readonly edgeThicknessMm: number
  readonly centreThicknessMm: number
  /** rise of the underside from edge to centre: 0 for flat and single dome */
  readonly undersideRiseMm: number
  readonly bevelMm: number
  readonly material: CrystalMaterial
  readonly profile: CrystalProfile
  readonly quantity: number
  readonly priceCents: number
}

export interface StockGasket {
  readonly id: number
  readonly code: string
  readonly drawer: string
  readonly outerDiameterMm: number
  readonly wallMm: number
  readonly heightMm: number
  readonly section: GasketSection
  /** thickness of the foot under the crystal: 0 for an I-section */
  readonly footMm: number
  readonly material: GasketMaterial
  readonly colour: string
  readonly quantity: number
  readonly priceCents: number
}
