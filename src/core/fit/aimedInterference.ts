import type { Estimate } from '../measure/Estimate'
import type { FitPolicy } from './fitPolicy'
import type { GasketMaterial } from './parts'

/** What a ring is taken to be while the case sheet does not say. Common practice. */
export const USUAL_RING: GasketMaterial = 'nylon'

/** A band is read as this many standard deviations from end to end. */
const BAND_STANDARD_DEVIATIONS = 4

/**
 * Interference a good fit has with a ring of a material, mm: the middle of the band the shop wants, which is read as
 * ± 2 standard deviations.
 * @example aimedInterference('nylon', FIT_POLICY) // 0.055 ± 0.0225 (standard deviation)
 */
export function aimedInterference(
  material: GasketMaterial,
  { interferenceBands }: Pick<FitPolicy, 'interferenceBands'>,
): Estimate {
  const { lowMm, highMm } = interferenceBands[material]
  return {
    valueMm: (lowMm + highMm) / 2,
    standardUncertaintyMm: (highMm - lowMm) / BAND_STANDARD_DEVIATIONS,
  }
}
