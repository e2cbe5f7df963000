import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import { requirePositive } from '../guard/require'
import type { FitPolicy } from './fitPolicy'
import type { StockGasket } from './parts'
import type { Fractions } from './Window'

export interface Sandwich {
  /** what it is pressed against from inside, across */
  readonly inner: Estimate
  /** what presses from outside, across */
  readonly outer: Estimate
  /** free wall of what lies between, one side */
  readonly wall: Estimate
}

export interface Squeeze {
  /** part of the free wall that is pressed away; negative means a gap */
  readonly squeeze: number
  readonly standardUncertainty: number
}

/**
 * How far a wall between two cylinders is squeezed: q = 1 − (outer − inner) / 2t.
 * @throws RangeError if the wall is not positive
 * @example squeezeBetween(neck 28, bezel 29.44, wall 0.8) // 0.1
 */
export function squeezeBetween({ inner, outer, wall }: Sandwich): Squeeze {
  requirePositive('wall', wall.valueMm, 'mm')
  const gapMm = outer.valueMm - inner.valueMm
  const twoWalls = 2 * wall.valueMm
  return {
    squeeze: 1 - gapMm / twoWalls,
    standardUncertainty: combinedEstimate([
      [1 / twoWalls, inner],
      [-1 / twoWalls, outer],
      [gapMm / (twoWalls * wall.valueMm), wall],
    ]).standardUncertaintyMm,
  }
}

/** Chance that a squeeze lies in its band, 0…1. */
export function squeezeOdds({ squeeze, standardUncertainty }: Squeeze, band: Fractions): number {
  return (
    normalCdf(band.high, squeeze, standardUncertainty) - normalCdf(band.low, squeeze, standardUncertainty)
  )
}

/** Squeeze wanted of a ring between bezel and neck, or of an acrylic skirt where there is no ring. */
export function bandOf(gasket: Pick<StockGasket, 'material'> | null, policy: FitPolicy): Fractions {
  return gasket ? policy.neckSqueezeBands[gasket.material] : policy.skirtSqueeze
}
