import type { ArCoating, Magnifier } from '../construction/kinds'
import type { StockLine } from '../stock/StockLine'

/** Stock parts and case facts the fit is computed from. All lengths mm. */

export const CRYSTAL_MATERIALS = ['acrylic', 'mineral', 'hardened-mineral', 'sapphire'] as const
export type CrystalMaterial = (typeof CRYSTAL_MATERIALS)[number]

export const CRYSTAL_PROFILES = ['flat', 'single-dome', 'double-dome'] as const
export type CrystalProfile = (typeof CRYSTAL_PROFILES)[number]

export const GASKET_MATERIALS = ['nylon', 'acetal', 'PTFE', 'nitrile'] as const
export type GasketMaterial = (typeof GASKET_MATERIALS)[number]

/** `I` stands round the crystal, `L` with a foot under it; `flat` lies under what presses on it. */
export const GASKET_SECTIONS = ['I', 'L', 'flat'] as const
export type GasketSection = (typeof GASKET_SECTIONS)[number]

/** What a crystal is made to be held by. Common practice. */
export const CRYSTAL_BUILDS = ['disc', 'cup', 'snap', 'tension-ring', 'shaped'] as const
export type CrystalBuild = (typeof CRYSTAL_BUILDS)[number]

/** Where a ring gasket sits: round the crystal, between bezel and case, or under the back. */
export const GASKET_USES = ['crystal', 'bezel', 'back'] as const
export type GasketUse = (typeof GASKET_USES)[number]

export interface StockCrystal extends StockLine {
  readonly build: CrystalBuild
  /** across; a shaped crystal's longer side, a cup's skirt outside */
  readonly diameterMm: number
  /** a shaped crystal's shorter side */
  readonly widthMm: number | null
  /** of a shaped crystal */
  readonly cornerRadiusMm: number | null
  /** of a cup */
  readonly skirtInnerMm: number | null
  /** of the metal ring inside an acrylic */
  readonly ringHeightMm: number | null
  readonly edgeThicknessMm: number
  readonly centreThicknessMm: number
  /** rise of the underside from edge to centre: 0 for flat and single dome */
  readonly undersideRiseMm: number
  readonly bevelMm: number
  readonly material: CrystalMaterial
  readonly profile: CrystalProfile
  readonly magnifier: Magnifier
  /** how far a magnifier inside hangs under the crystal; null where there is none, or nobody measured it */
  readonly insideMagnifierMm: number | null
  readonly arCoating: ArCoating
}

export interface StockGasket extends StockLine {
  readonly use: GasketUse
  /** bezel or case it belongs to; empty when it serves any */
  readonly family: string
  readonly outerDiameterMm: number
  readonly wallMm: number
  readonly heightMm: number
  readonly section: GasketSection
  /** thickness of the foot under the crystal: 0 for an I-section */
  readonly footMm: number
  readonly material: GasketMaterial
  readonly colour: string
}
