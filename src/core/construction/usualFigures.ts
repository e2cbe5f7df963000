import type { Figure } from '../fit/CrystalSeat'
import { withOrigin } from '../tray/caseFigures'

/** A ring's wall that nobody could read, mm: rings are made from about 0.35 to 0.6. From memory. */
export const USUAL_WALL = withOrigin(0.45, 0.07, 'assumed')

/** A seat's depth where neither it nor the old crystal was read, mm: crystals of 1.0 to 1.5 as a rule. From memory. */
export const USUAL_SEAT_DEPTH = withOrigin(1.2, 0.25, 'assumed')

/** What a bezel leaves round a neck for the crystal's skirt and squeeze, mm, both sides together. From memory. */
const BEZEL_OVER_NECK_MM = 1.2
const BEZEL_OVER_NECK_UNCERTAINTY_MM = 0.15

/** One of neck and bezel from the other. @param by - 1 for the bezel from the neck, -1 for the neck from the bezel */
export function acrossFromOther(other: Figure | null, by: 1 | -1): Figure | null {
  return (
    other && withOrigin(other.valueMm + by * BEZEL_OVER_NECK_MM, BEZEL_OVER_NECK_UNCERTAINTY_MM, 'assumed')
  )
}
