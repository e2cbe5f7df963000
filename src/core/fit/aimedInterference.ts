import type { Estimate } from '../measure/Estimate'
import type { FitPolicy } from './fitPolicy'
import type { GasketMaterial } from './parts'

/** What a ring is taken to be while the case sheet does not say. Common practice. */
export const USUAL_RING: GasketMaterial = 'nylon'

/** Those who draw cases aim anywhere in this middle share of the band, evenly. From memory. */
const AIMED_SHARE = 2 / 3

/**
 * Interference a good fit has with a ring of a material, mm: the middle of the band the shop wants, with how far those
 * who draw cases stray from it.
 * @example aimedInterference('nylon', FIT_POLICY) // 0.055, standard deviation 0.0173
 */
export function aimedInterference(
  material: GasketMaterial,
  { interferenceBands }: Pick<FitPolicy, 'interferenceBands'>,
): Estimate {
  const { lowMm, highMm } = interferenceBands[material]
  return {
    valueMm: (lowMm + highMm) / 2,
    standardUncertaintyMm: (AIMED_SHARE * (highMm - lowMm)) / Math.sqrt(12),
  }
}
