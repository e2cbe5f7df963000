import type { RimHeight } from './RimHeight'
import { RIM_PLACES } from './rimPlaces'

/** A height as it was read. */
export interface HeightTaken {
  readonly dimension: string
  /** index into `RIM_PLACES` */
  readonly placeIndex: number
  readonly shownMm: number
  readonly zeroOffsetMm: number
  readonly takenAt: Date
}

/** A height at its place. */
export type PlacedHeight = RimHeight & { readonly placeIndex: number }

/**
 * Heights of one dimension that were read round a case in some time.
 * @param readings - that stand
 * @param isThen - whether a time is in it
 */
export function heightsTaken(
  readings: readonly HeightTaken[],
  dimension: 'rim-height' | 'insert-height',
  isThen: (at: Date) => boolean,
): PlacedHeight[] {
  return readings.flatMap(({ dimension: of, placeIndex, shownMm, zeroOffsetMm, takenAt }) => {
    const place = RIM_PLACES[placeIndex]
    return of === dimension && place && isThen(takenAt)
      ? [{ placeIndex, directionDeg: place.directionDeg, heightMm: shownMm - zeroOffsetMm }]
      : []
  })
}
