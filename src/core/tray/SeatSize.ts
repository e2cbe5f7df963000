import type { Estimate } from '../measure/Estimate'
import type { DimensionId } from '../readings/dimensions'

/** What the seat of a construction without a ring bore says of the crystal's size, and what it would take to read it. */
export interface SeatSize {
  /** what asks for that size, as it is said: “Groove and its grip” */
  readonly seat: string
  /** what is read on the case for it */
  readonly dimension: DimensionId
  /** crystal that would fit best less what is read, mm, and how far good fits scatter round it */
  readonly above: Estimate
}
