import type { HeightTaken, PlacedHeight } from './heightsTaken'
import { heightsTaken } from './heightsTaken'

/** A run at the press, as far as rims go by it. */
export interface PressedRun {
  readonly id: number
  readonly ranAt: Date
}

/** One pressing with what was read of the rim after it, and before the next. */
export interface RimPass<R extends PressedRun> {
  readonly run: R
  readonly heights: readonly PlacedHeight[]
}

/**
 * Gives every height to the pressing it was read after.
 * @param runs - of one tray, oldest first
 * @param readings - of the same tray, that stand
 */
export function rimPasses<R extends PressedRun>(
  runs: readonly R[],
  readings: readonly HeightTaken[],
): RimPass<R>[] {
  return runs.map((run, i) => {
    const until = runs[i + 1]?.ranAt ?? null
    const isAfter = (at: Date) => at >= run.ranAt && (until === null || at < until)
    return { run, heights: heightsTaken(readings, 'rim-height', isAfter) }
  })
}
