import type { CrystalMaterial } from '../fit/parts'

export interface StrengthPolicy {
  /** low strength over stress wanted before a crystal is called strong enough */
  readonly safetyFactor: number
  /** bending strength of ground and polished crystals, from weak to strong, MPa */
  readonly strengthMPa: Readonly<Record<CrystalMaterial, { readonly low: number; readonly high: number }>>
  /** below this a stated class means splashes: knocks break such a crystal, not pressure */
  readonly leastJudgedBar: number
}

/** Typical handbook values. All from memory: pieces differ, scratches weaken, a maker's sheet beats this table. */
export const STRENGTH_POLICY: StrengthPolicy = {
  safetyFactor: 3,
  strengthMPa: {
    acrylic: { low: 70, high: 100 },
    mineral: { low: 45, high: 70 },
    'hardened-mineral': { low: 150, high: 250 },
    sapphire: { low: 400, high: 700 },
  },
  leastJudgedBar: 5,
}
