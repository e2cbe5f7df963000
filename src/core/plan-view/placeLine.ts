import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import { requirePositive } from '../guard/require'
import { planPoint } from './planViewGeometry'

/** Plan view coordinates: mm from the middle, x to 3, y down to 6. */
interface PlanPlace {
  readonly xMm: number
  readonly yMm: number
}

/** Where one place of a dimension is held, seen from above: the two ends of the jaws, or one spot of the rim. */
export type PlaceLine =
  | { readonly kind: 'across'; readonly ends: readonly [PlanPlace, PlanPlace] }
  | { readonly kind: 'spot'; readonly at: PlanPlace }

/** Sides of a shaped rebate are read this far off the middle, part of the radius. */
const OFF_MIDDLE = 0.55

/**
 * @param radiusMm - half the size the dimension is drawn at, mm, > 0
 * @returns null for a place that is nowhere in the plan, as the middle of a dome or a ring lying on the bench
 */
export function placeLine(dimension: DimensionId, placeIndex: number, radiusMm: number): PlaceLine | null {
  requirePositive('radiusMm', radiusMm, 'mm')
  const { directionsDeg, roundDeg } = DIMENSIONS[dimension]
  const direction = directionsDeg?.[placeIndex]
  if (direction !== undefined) {
    return { kind: 'across', ends: [planPoint(radiusMm, direction), planPoint(radiusMm, direction + 180)] }
  }
  const round = roundDeg?.[placeIndex]
  if (round !== undefined) return { kind: 'spot', at: planPoint(radiusMm, round) }
  const along = ALONG[dimension]
  return along ? sideLine(along, placeIndex, radiusMm) : null
}

/** Dimensions read along one axis at three places beside each other. */
const ALONG: Readonly<Partial<Record<DimensionId, 'upright' | 'level'>>> = {
  'rebate-length': 'upright',
  'crystal-length': 'upright',
  'rebate-width': 'level',
  'crystal-width': 'level',
}

function sideLine(axis: 'upright' | 'level', placeIndex: number, radiusMm: number): PlaceLine {
  const off = (placeIndex - 1) * OFF_MIDDLE * radiusMm
  return axis === 'upright'
    ? {
        kind: 'across',
        ends: [
          { xMm: off, yMm: -radiusMm },
          { xMm: off, yMm: radiusMm },
        ],
      }
    : {
        kind: 'across',
        ends: [
          { xMm: -radiusMm, yMm: off },
          { xMm: radiusMm, yMm: off },
        ],
      }
}
