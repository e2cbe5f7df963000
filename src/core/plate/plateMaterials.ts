import type { CrystalMaterial } from '../fit/parts'

export interface PlateMaterial {
  /** Young's modulus, MPa */
  readonly youngsModulusMPa: number
  readonly poissonsRatio: number
  /** bending strength of ground and polished crystals, from weak to strong, MPa */
  readonly strengthMPa: { readonly low: number; readonly high: number }
}

/** Typical handbook values. From memory: pieces differ, scratches weaken, a maker's sheet beats this table. */
export const PLATE_MATERIALS: Readonly<Record<CrystalMaterial, PlateMaterial>> = {
  acrylic: { youngsModulusMPa: 3000, poissonsRatio: 0.37, strengthMPa: { low: 70, high: 100 } },
  mineral: { youngsModulusMPa: 72_000, poissonsRatio: 0.22, strengthMPa: { low: 45, high: 70 } },
  'hardened-mineral': { youngsModulusMPa: 72_000, poissonsRatio: 0.22, strengthMPa: { low: 150, high: 250 } },
  sapphire: { youngsModulusMPa: 400_000, poissonsRatio: 0.28, strengthMPa: { low: 400, high: 700 } },
}
