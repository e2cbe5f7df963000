import type { CrystalMaterial } from '../fit/parts'

export interface PlateMaterial {
  /** Young's modulus, MPa */
  readonly youngsModulusMPa: number
  readonly poissonsRatio: number
}

/** Typical handbook values. From memory: pieces differ, scratches weaken, a maker's sheet beats this table. */
export const PLATE_MATERIALS: Readonly<Record<CrystalMaterial, PlateMaterial>> = {
  acrylic: { youngsModulusMPa: 3000, poissonsRatio: 0.37 },
  mineral: { youngsModulusMPa: 72_000, poissonsRatio: 0.22 },
  'hardened-mineral': { youngsModulusMPa: 72_000, poissonsRatio: 0.22 },
  sapphire: { youngsModulusMPa: 400_000, poissonsRatio: 0.28 },
}
