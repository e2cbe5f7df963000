import { requireAtLeast, requirePositive } from '../guard/require'
import type { Estimate } from './Estimate'

/**
 * Best value from independent estimates of the same quantity: weighted by inverse variance.
 * @param estimates - one or more, independent of each other
 * @throws RangeError if there is none or one has no uncertainty
 * @source weighted mean, GUM, JCGM 100:2008, 4.2.3 note and H.5
 */
export function fuseEstimates(estimates: readonly Estimate[]): Estimate {
  requireAtLeast('estimates', estimates, 1)
  let weights = 0
  let weighted = 0
  for (const { valueMm, standardUncertaintyMm } of estimates) {
    requirePositive('standardUncertaintyMm', standardUncertaintyMm, 'mm')
    const weight = 1 / standardUncertaintyMm ** 2
    weights += weight
    weighted += weight * valueMm
  }
  return { valueMm: weighted / weights, standardUncertaintyMm: 1 / Math.sqrt(weights) }
}
