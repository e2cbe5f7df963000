import { median } from './loadingCurve'
import type { PressPoint } from './PressPoint'
import type { PressReading } from './PressReading'
import type { PressRunPolicy } from './pressRunPolicy'
import { readPress } from './readPress'

/** Fewer readings say nothing. */
export const LEAST_READINGS = 8

/**
 * Reads a run that still goes on. What a whole run tells afterwards looks like something else in its midst: a ring that
 * takes hold like a seat, a hand that lets go like a crack, a crystal that sticks and slips like home. Nothing is said
 * of these before they have shown themselves: a hand told to stop stops.
 * @param points - checked by `checkRun`, in order of time
 * @returns null while nothing can be said
 */
export function readLive(points: readonly PressPoint[], policy: PressRunPolicy): PressReading | null {
  const settled = settledPoints(points)
  if (settled.length < LEAST_READINGS) return null
  const reading = readPress(settled, policy)
  if (reading.homeMm === null || reading.verdict === 'cracked' || isShown(settled, reading)) return reading
  return {
    ...reading,
    verdict: 'not-home',
    homeMm: null,
    phases: reading.phases.filter(({ phase }) => phase !== 'home'),
  }
}

/** A force is going where less than this is left of the greatest over the last way, share and mm. */
const GOING = 0.9
const LAST_WAY_MM = 0.06
/** The scale flickers by this and follows late, mm. */
const FLICKER_MM = 0.012
/** A crystal that gave way still bears this, and lets the hand go on so far, mm: one that lets go comes off it. */
const LEFT_SHARE = 0.09
const LEFT_N = 10
const GOES_ON_MM = 0.03
/** Two readings that tell one force: by a share, and by what a cell scatters, N. */
const SAME_SHARE = 0.12
const SAME_N = 6

/** The run without its end, where that may be a hand letting go: it is waited for what comes. */
function settledPoints(points: readonly PressPoint[]): readonly PressPoint[] {
  const zeroN = median(points.slice(0, LEAST_READINGS).map(({ forceN }) => forceN))
  const deepest = Math.max(...points.map(({ travelMm }) => travelMm))
  const peak = Math.max(
    ...points.filter(({ travelMm }) => travelMm >= deepest - LAST_WAY_MM).map(({ forceN }) => forceN - zeroN),
  )
  const held = points.findLastIndex(
    ({ travelMm, forceN }) => travelMm >= deepest - LAST_WAY_MM && forceN - zeroN >= GOING * peak,
  )
  const end = points.slice(held + 1)
  const [last, before] = [end.at(-1), end.at(-2)]
  if (!last || held < 0) return points
  const heldMm = points[held]?.travelMm ?? 0
  if (last.travelMm >= heldMm + GOES_ON_MM) return points
  const bears = last.forceN - zeroN >= Math.max(LEFT_N, LEFT_SHARE * peak)
  const isSteady =
    before !== undefined && Math.abs(last.forceN - before.forceN) <= Math.max(SAME_N, SAME_SHARE * peak)
  const wentBack = last.travelMm < deepest - FLICKER_MM
  return bears && isSteady && !wentBack ? points : points.slice(0, held + 1)
}

/** A ring takes hold over less way than this: what rises later is a seat, mm. From memory. */
const RING_TAKES_HOLD_MM = 0.45
/** A rise onto a seat stands out of what the slide itself did by this, and is at least so much, N. */
const OVER_RIPPLE = 1.5
const LEAST_RISE_N = 20
/** What the slide did is told by its end, mm: a crystal that tipped in is over its hump by then. */
const LAST_SLIDE_MM = 0.25
/** A slide of fewer readings tells no ripple: then by this share of its force. */
const ENOUGH_SLID = 6
const RISE_SHARE = 0.2
/** A hand that stands so long on the rise has come to a stop, ms. */
const STANDS_MS = 90

/** Whether what reads as home can be nothing else any more. */
function isShown(points: readonly PressPoint[], reading: PressReading): boolean {
  const { contactMm, homeMm, verdict } = reading
  const last = points.at(-1)
  if (!last || homeMm === null) return false
  if (verdict === 'loose') return contactMm !== null && last.travelMm - contactMm > RING_TAKES_HOLD_MM
  const slideFrom = reading.phases.find(({ phase }) => phase === 'slide')?.fromMm ?? homeMm
  const from = Math.max(slideFrom, homeMm - LAST_SLIDE_MM)
  const slid = points.filter(({ travelMm }) => travelMm >= from && travelMm < homeMm)
  const forces = slid.map(({ forceN }) => forceN)
  const zeroN = median(points.slice(0, LEAST_READINGS).map(({ forceN }) => forceN))
  const level = slid.length > 0 ? median(forces.slice(-ENOUGH_SLID)) : (reading.slideN ?? 0) + zeroN
  const ripple = slid.length >= ENOUGH_SLID ? rippleOf(slid) : RISE_SHARE * (level - zeroN)
  const rise =
    Math.max(...points.filter(({ travelMm }) => travelMm >= homeMm).map(({ forceN }) => forceN)) - level
  if (rise >= Math.max(LEAST_RISE_N, OVER_RIPPLE * ripple)) return true
  return rise >= Math.max(LEAST_RISE_N, ripple) && standsMs(points) >= STANDS_MS
}

/** How far single readings of a slide stand over the line through it, N. */
function rippleOf(slid: readonly PressPoint[]): number {
  const x = slid.map(({ travelMm }) => travelMm)
  const y = slid.map(({ forceN }) => forceN)
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const [mx, my] = [mean(x), mean(y)]
  const spread = x.reduce((sum, value) => sum + (value - mx) ** 2, 0)
  const slope =
    spread > 0 ? x.reduce((sum, value, i) => sum + (value - mx) * ((y[i] ?? 0) - my), 0) / spread : 0
  return Math.max(...x.map((value, i) => (y[i] ?? 0) - my - slope * (value - mx)))
}

/** How long the pusher has been where it is now, ms. */
function standsMs(points: readonly PressPoint[]): number {
  const last = points.at(-1)
  if (!last) return 0
  const since = points.findLast(({ travelMm }) => Math.abs(travelMm - last.travelMm) > FLICKER_MM)
  return last.tMs - (since?.tMs ?? 0)
}
