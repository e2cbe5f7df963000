import { readRim } from './readRim'
import type { LeanPass, PressLean } from './pressLean'
import { pressLean } from './pressLean'
import type { HeightTaken } from './heightsTaken'
import type { PressedRun } from './rimPasses'
import { rimPasses } from './rimPasses'

/** A run, with what its lean is learned by. */
export interface LeanRun extends PressedRun {
  readonly pickId: number
  readonly pressId: number | null
  readonly quarterTurns: number
  readonly leftHour: number | null
}

/** One tray's runs, oldest first, and its readings that stand. */
export interface PressedTray {
  readonly runs: readonly LeanRun[]
  readonly readings: readonly HeightTaken[]
}

/**
 * What the trays of a shop teach about its presses: a crystal's first pressing, not turned meanwhile, that lay in a
 * known way and was read. A tray on which something lay under the rim says nothing of the press.
 */
export function leansOf(trays: readonly PressedTray[]): ReadonlyMap<number, PressLean> {
  const passes = new Map<number, LeanPass[]>()
  for (const { runs, readings } of trays) {
    for (const { run, heights } of rimPasses(runs, readings)) {
      const { pressId, leftHour } = run
      const isFirst = runs.find(({ pickId }) => pickId === run.pickId) === run
      if (!isFirst || pressId === null || leftHour === null || run.quarterTurns > 0) continue
      const outcome = readRim(heights)
      if (!outcome.ok || outcome.reading.oddity?.kind === 'dirt') continue
      passes.set(pressId, [...(passes.get(pressId) ?? []), { tilt: outcome.reading.tilt, leftHour }])
    }
  }
  return new Map(
    [...passes].flatMap(([pressId, each]) => {
      const lean = pressLean(each)
      return lean ? [[pressId, lean] as const] : []
    }),
  )
}
