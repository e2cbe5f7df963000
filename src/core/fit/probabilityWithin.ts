import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { requirePositive } from '../guard/require'
import type { Window } from './Window'

/**
 * Probability that a normal figure lies in a window.
 * @param valueMm - expected figure, mm
 * @param standardUncertaintyMm - > 0, mm
 */
export function probabilityWithin(valueMm: number, standardUncertaintyMm: number, window: Window): number {
  requirePositive('standardUncertaintyMm', standardUncertaintyMm, 'mm')
  return (
    normalCdf(window.highMm, valueMm, standardUncertaintyMm) -
    normalCdf(window.lowMm, valueMm, standardUncertaintyMm)
  )
}
