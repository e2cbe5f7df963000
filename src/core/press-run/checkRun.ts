import { formatMm } from '../units/formatMm'
import type { PressPoint } from './PressPoint'

/** What of a run can be read, and what ends it early. */
export interface CheckedRun {
  /** as far as it came in order */
  readonly kept: readonly PressPoint[]
  /** why it ends there, with what to do; null where all of it is sound */
  readonly trouble: string | null
}

/** A run of more readings is none: half an hour at 50 a second. */
export const MOST_READINGS = 100_000
/** Fewer say nothing. */
export const LEAST_READINGS = 8
/** Longer without a reading the cell was not heard, ms. */
const MOST_GAP_MS = 3000
/** A scale may fall under its zero by so much, mm: play and drift. From memory. */
const UNDER_ZERO_MM = 0.5
/** No bench press goes further or pushes harder, mm and N. From memory. */
const MOST_TRAVEL_MM = 60
export const MOST_FORCE_N = 5000
/** A cell that is pulled, or set to another unit, N. */
const LEAST_FORCE_N = -100
/** From one reading to the next, force grows by no more: another unit came in, N. From memory. */
const MOST_JUMP = 3
const JUMP_FROM_N = 25

/** Checks a run's readings one after another, and keeps what came before the first that cannot be. */
export function checkRun(points: readonly PressPoint[]): CheckedRun {
  const most = points.slice(0, MOST_READINGS)
  for (const [i, point] of most.entries()) {
    const wrong = wrongWith(point, most[i - 1])
    if (wrong !== null) return { kept: most.slice(0, i), trouble: `Reading ${i + 1}: ${wrong}` }
  }
  if (points.length > MOST_READINGS)
    return {
      kept: most,
      trouble: `More than ${MOST_READINGS} readings: the rest was left out. Start a run when the pusher starts, and end it when it is home.`,
    }
  return {
    kept: most,
    trouble:
      points.length < LEAST_READINGS
        ? `${points.length} readings say nothing: at least ${LEAST_READINGS}. Is the cell switched on, and does the pusher move?`
        : null,
  }
}

function wrongWith({ tMs, travelMm, forceN }: PressPoint, before: PressPoint | undefined): string | null {
  if (![tMs, travelMm, forceN].every(Number.isFinite))
    return 'time, travel or force is no figure. Look at the cell’s plug and press again.'
  if (travelMm < -UNDER_ZERO_MM)
    return `travel ${formatMm(travelMm)} mm lies under zero. Zero the scale with the pusher up.`
  if (travelMm > MOST_TRAVEL_MM)
    return `travel ${formatMm(travelMm)} mm is more than ${MOST_TRAVEL_MM}: is the scale set to mm?`
  if (forceN < LEAST_FORCE_N)
    return `force ${Math.round(forceN)} N pulls. Zero the cell with nothing under the pusher.`
  if (forceN > MOST_FORCE_N)
    return `force ${Math.round(forceN)} N is more than the ${MOST_FORCE_N} a bench press gives: is the cell set to N?`
  if (!before) return null
  if (tMs < before.tMs) return 'its time lies before the one before. Start the run again.'
  if (tMs - before.tMs > MOST_GAP_MS)
    return `nothing was heard for ${((tMs - before.tMs) / 1000).toFixed(1)} s. Look at the cell’s plug and press again.`
  if (before.forceN > JUMP_FROM_N && forceN > MOST_JUMP * before.forceN && travelMm <= before.travelMm)
    return `force jumps from ${Math.round(before.forceN)} to ${Math.round(forceN)} where nothing moved: does the cell send N and lbf mixed? Set it to N.`
  return null
}
