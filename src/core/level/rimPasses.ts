import type { RimHeight } from './RimHeight'
import { RIM_PLACES } from './rimPlaces'

/** A run at the press, as far as rims go by it. */
export interface PressedRun {
  readonly id: number
  readonly ranAt: Date
}

/** A height as it was read. */
export interface RimReadingTaken {
  readonly dimension: string
  /** index into `RIM_PLACES` */
  readonly placeIndex: number
  readonly shownMm: number
  readonly zeroOffsetMm: number
  readonly takenAt: Date
}

/** One pressing with what was read of the rim after it, and before the next. */
export interface RimPass<R extends PressedRun> {
  readonly run: R
  readonly heights: readonly (RimHeight & { readonly placeIndex: number })[]
}

/**
 * Gives every height to the pressing it was read after.
 * @param runs - of one tray, oldest first
 * @param readings - of the same tray, that stand
 */
export function rimPasses<R extends PressedRun>(
  runs: readonly R[],
  readings: readonly RimReadingTaken[],
): RimPass<R>[] {
  const rim = readings.filter(({ dimension }) => dimension === 'rim-height')
  return runs.map((run, i) => {
    const until = runs[i + 1]?.ranAt ?? null
    const after = rim.filter(({ takenAt }) => takenAt >= run.ranAt && (until === null || takenAt < until))
    return {
      run,
      heights: after.flatMap(({ placeIndex, shownMm, zeroOffsetMm }) => {
        const place = RIM_PLACES[placeIndex]
        return place
          ? [{ placeIndex, directionDeg: place.directionDeg, heightMm: shownMm - zeroOffsetMm }]
          : []
      }),
    }
  })
}
