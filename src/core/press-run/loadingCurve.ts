import type { PressPoint } from './PressPoint'

/** Force over travel as the pusher came down for the first time. */
export interface LoadingCurve {
  readonly x: Float64Array
  /** zero taken off, N */
  readonly y: Float64Array
  /** scatter of the cell before it touched anything, N */
  readonly noiseN: number
  readonly zeroN: number
  /** index into the run's readings of each */
  readonly at: Int32Array
}

/** The pusher is taken to hang free for this way, if force does not rise in it, mm. */
const FREE_MM = 0.08
const LEAST_FREE = 3
/** Cells scatter by this at least, N: figures come in steps. From memory. */
const LEAST_NOISE_N = 0.8
/** What is taken where the pusher hung free for too short a time to tell, N, and how many readings tell. From memory. */
const USUAL_NOISE_N = 2.5
const ENOUGH_FREE = 8
/** A hand that stays longer on one place rests: its force sinks and says nothing of the way, ms. */
const RESTS_AFTER_MS = 160
/** A hand that let go comes back over this way, beyond where it was, before the crystal slides on, mm. */
const BACK_OVER_MM = 0.012
/** Steps back by this are a hand that lets go, not a scale that flickers, mm. */
const LETS_GO_MM = 0.015

/**
 * What of a run is new way: rests, the way back of a hand that lets go, and the way down again are left out.
 * @param points - in order of time, checked
 */
export function loadingCurve(points: readonly PressPoint[]): LoadingCurve {
  const zero = freeReadings(points)
  const [x, y, at]: [number[], number[], number[]] = [[], [], []]
  let [deepest, arrivedMs, from] = [-Infinity, 0, -Infinity]
  for (const [i, { tMs, travelMm, forceN }] of points.entries()) {
    if (travelMm < deepest - LETS_GO_MM) {
      from = deepest + BACK_OVER_MM
      dropSinking(x, y, at)
    }
    if (travelMm < deepest) continue
    if (travelMm > deepest) {
      deepest = travelMm
      arrivedMs = tMs
      if (travelMm < from) continue
    } else if (travelMm < from) continue
    else if (tMs - arrivedMs > RESTS_AFTER_MS) {
      from = deepest + BACK_OVER_MM
      continue
    }
    x.push(travelMm)
    y.push(forceN - zero.zeroN)
    at.push(i)
  }
  return {
    x: Float64Array.from(x),
    y: Float64Array.from(y),
    at: Int32Array.from(at),
    ...zero,
  }
}

/** What is left of a force when the hand is letting go already. */
const LETTING_GO = 0.97
/** Less than this of the reading before is going, whatever sticks and slips. */
const GONE = 0.8

/** Until the play is used up the scale still shows the deepest place while the force is already going: taken out again. */
function dropSinking(x: number[], y: number[], at: number[]): void {
  const last = x.at(-1)
  const held = Math.max(...y.filter((_, i) => x[i] === last))
  // A reading may fall where the hand has just turned: further down than any, and half gone.
  const goneAtOnce = () => (y.at(-1) ?? 0) < GONE * (y.at(-2) ?? 0)
  while (x.length > 1 && ((x.at(-1) === last && (y.at(-1) ?? 0) < LETTING_GO * held) || goneAtOnce())) {
    x.pop()
    y.pop()
    at.pop()
  }
}

/** Zero and scatter of the cell while it touches nothing. */
function freeReadings(points: readonly PressPoint[]): { zeroN: number; noiseN: number } {
  const start = points[0]?.travelMm ?? 0
  const near = points.filter(({ travelMm }) => travelMm <= start + FREE_MM).map(({ forceN }) => forceN)
  const free = near.length >= LEAST_FREE ? near : points.slice(0, LEAST_FREE).map(({ forceN }) => forceN)
  const zeroN = median(free)
  const off = median(free.map((force) => Math.abs(force - zeroN)))
  const least = free.length >= ENOUGH_FREE ? LEAST_NOISE_N : USUAL_NOISE_N
  return { zeroN, noiseN: Math.max(least, MAD_TO_SIGMA * off, Math.min(MOST_NOISE_N, flicker(points))) }
}

/** Scatter of single readings off the line through their neighbours: of a straight stretch the cell's own. N */
function flicker(points: readonly PressPoint[]): number {
  const off = points.slice(1, -1).map(({ forceN }, i) => {
    const [before, after] = [points[i]?.forceN ?? forceN, points[i + 2]?.forceN ?? forceN]
    return Math.abs(before - 2 * forceN + after)
  })
  return off.length < ENOUGH_FREE ? 0 : (MAD_TO_SIGMA * median(off)) / Math.sqrt(OF_SECOND_DIFFERENCE)
}

/** Variance of y₁ − 2y₂ + y₃ over that of one of them. */
const OF_SECOND_DIFFERENCE = 6
/** A cell that scatters more is not seen by its flicker: what sticks and slips does as well, N. From memory. */
const MOST_NOISE_N = 5

/** Of a normal distribution: standard deviation over median absolute deviation. */
const MAD_TO_SIGMA = 1.4826

/** The middle one; of an even number the mean of the two. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  const [high = NaN, low = high] = [sorted[middle], sorted[middle - 1]]
  return sorted.length % 2 === 1 ? high : (low + high) / 2
}
