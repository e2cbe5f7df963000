import type { LoadingCurve } from './loadingCurve'
import { median } from './loadingCurve'
import type { PressPhases } from './pressPhases'
import type { Slid } from './slideOf'

/** On its seat a sound crystal only grows harder: over a way of so much by at least so much, mm and N/mm. From memory. */
const GOES_ON_MM = 0.012
const LEAST_SEAT = 600
const BEYOND_SCATTER = 4
/** So near to where the rise begins a dip is looked for, mm, and compared with the slide so far before. */
const NEAR_SEAT_MM = 0.035
const LOOK_BACK_MM = 0.3
const LEAST_TO_COMPARE = 6
/** A dip is one beyond so many standard deviations of the slide, and so much of its force. */
const DIPS_BEYOND = 6
const DIP_SHARE = 0.07

/**
 * Where a crystal gave way on its seat: there a crack takes less than it does in the slide, for the hand goes on pressing
 * and readings straddle it. mm; null where it did not.
 */
export function gaveWay(curve: LoadingCurve, phases: PressPhases, slide: readonly Slid[]): number | null {
  const { onSeat, homeMm } = phases
  if (onSeat === null || homeMm === null) return null
  return fallOnSeat(curve, onSeat) ?? dipBeforeSeat(curve, slide, homeMm)
}

function fallOnSeat({ x, y, noiseN }: LoadingCurve, onSeat: number): number | null {
  for (let i = onSeat + 1; i < x.length; i++) {
    const way = (x[i] ?? 0) - (x[i - 1] ?? 0)
    const rise = (y[i] ?? 0) - (y[i - 1] ?? 0)
    if (way >= GOES_ON_MM && rise < Math.min(0, LEAST_SEAT * way - BEYOND_SCATTER * noiseN))
      return x[i] ?? null
  }
  return null
}

function dipBeforeSeat(
  { x, y, noiseN }: LoadingCurve,
  slide: readonly Slid[],
  homeMm: number,
): number | null {
  const before = slide
    .filter(({ atMm }) => atMm < homeMm - NEAR_SEAT_MM && atMm > homeMm - LOOK_BACK_MM)
    .map(({ forceN }) => forceN)
  if (before.length < LEAST_TO_COMPARE) return null
  const level = median(before)
  const scatter = Math.sqrt(before.reduce((sum, force) => sum + (force - level) ** 2, 0) / before.length)
  const least = level - Math.max(DIPS_BEYOND * Math.max(scatter, noiseN), DIP_SHARE * level)
  const found = Array.from(x).findIndex(
    (at, i) => Math.abs(at - homeMm) < NEAR_SEAT_MM && (y[i] ?? 0) < least,
  )
  return found < 0 ? null : (x[found] ?? null)
}
