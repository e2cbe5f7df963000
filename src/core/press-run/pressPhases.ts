import { kneeOf } from './kneeOf'
import type { LoadingCurve } from './loadingCurve'
import { median } from './loadingCurve'
import type { Piece } from './piecewiseLinear'
import { piecewiseLinear } from './piecewiseLinear'

/** Where the parts of a run begin and end, mm of travel; null where one is not seen. */
export interface PressPhases {
  readonly contactMm: number | null
  readonly slideMm: number | null
  readonly homeMm: number | null
  /** first reading of the curve that is clearly on the seat; null where none is */
  readonly onSeat: number | null
  /** how steep it is once home, N/mm; 0 where it is not */
  readonly homeSlope: number
  readonly pieces: readonly Piece[]
}

/** A cell's figure scatters by noise and, as a ring sticks and slips, by this share of the force. From memory. */
const SHARE_OF_FORCE = 0.03
/** What a piece more has to gain, weighted squares: several times what chance gives two figures and a cut. */
const PENALTY = 14
/** Force is there once it is this many times the scatter, and at least this, N. */
const BEYOND_SCATTER = 4
const LEAST_CONTACT_N = 5
/** Home is hard: at least so steep, N/mm, and so much more, N. From memory. */
const HOME_SLOPE = 450
const HOME_RISE_N = 18
/** The ramp is over where the force is this share of what it comes to. */
const RAMP_OVER = 0.9
/** A knee is looked for so far before where the piece begins, mm. */
const BEFORE_KNEE_MM = 0.22

export function pressPhases(curve: LoadingCurve): PressPhases {
  const { x, y, noiseN } = curve
  const weight = Float64Array.from(y, (f) => 1 / (noiseN ** 2 + (SHARE_OF_FORCE * Math.max(0, f)) ** 2))
  const pieces = piecewiseLinear({ x, y, weight }, PENALTY)
  const touched = firstTouch(curve)
  if (touched === null)
    return { contactMm: null, slideMm: null, homeMm: null, onSeat: null, homeSlope: 0, pieces }
  const home = homeStart(curve, pieces, touched)
  const until = home ?? x.length
  const level = slideLevel(curve, touched, until)
  const slide = firstIndex(curve, touched, until, RAMP_OVER * level)
  const contactMm = contactKnee(curve, touched, level)
  const knee = home === null ? null : homeKnee(curve, pieces, home)
  return {
    contactMm,
    slideMm: slide === null ? null : (x[slide] ?? null),
    homeMm: knee?.x ?? (home === null ? null : (x[home] ?? null)),
    onSeat: home,
    homeSlope: knee?.slopeAfter ?? 0,
    pieces,
  }
}

/** First reading with a force that stays. */
function firstTouch({ y, noiseN }: LoadingCurve): number | null {
  const least = Math.max(LEAST_CONTACT_N, BEYOND_SCATTER * noiseN)
  for (let i = 0; i + 1 < y.length; i++) {
    if ((y[i] ?? 0) > least && (y[i + 1] ?? 0) > least) return i
  }
  return null
}

/** Index of the reading at which the last rise begins, where it is one onto a seat. */
function homeStart(curve: LoadingCurve, pieces: readonly Piece[], touched: number): number | null {
  const { x, y } = curve
  const last = y.length - 1
  const steep = steepEnd(pieces) ?? last
  // Hard as it is, a seat may take the whole rise within a hundredth: what lies a little before is the slide.
  const early = Math.min(steep, lastIndexBefore(x, (x[last] ?? 0) - SEAT_MM) + 1)
  const from = Math.max(touched, lastFall(pieces, last, median(Array.from(y.slice(touched)))))
  const start = Math.max(early, from)
  const reached = heldFor(y, start)
  const top = slideTop(curve, from, start, x[last] ?? 0)
  const isFirst = steep <= touched + 1
  const wayBefore = (x[steep] ?? 0) - (x[0] ?? 0)
  // One rise alone, from nothing: the ramp itself, unless the crystal fell through a ring that does not hold it.
  if (isFirst && wayBefore < NO_RING_MM) return null
  if (reached - top < Math.max(HOME_RISE_N, BEYOND_SCATTER * curve.noiseN)) return null
  return firstIndex(curve, start, y.length, top + (reached - top) / 4) ?? last
}

/** The greatest force from an index on that two readings running show. */
function heldFor(y: Float64Array, from: number): number {
  let held = 0
  for (let i = from; i + 1 < y.length; i++) held = Math.max(held, Math.min(y[i] ?? 0, y[i + 1] ?? 0))
  return Math.max(held, y[y.length - 1] ?? 0)
}

/** A slide falls by no more than so much of its force over a millimetre: what falls faster tips in. */
const FALLS_BY = 1.5

/** Index at which the last fall before another one ends: what comes after is the slide. */
function lastFall(pieces: readonly Piece[], before: number, level: number): number {
  return pieces.findLast(({ slope, to }) => to <= before && slope < -FALLS_BY * level)?.to ?? 0
}

/** Where the steep pieces begin that the curve ends with; null where it does not end with any. */
function steepEnd(pieces: readonly Piece[]): number | null {
  let start: number | null = null
  for (let i = pieces.length - 1; i >= 0; i--) {
    const [piece, next] = [pieces[i], pieces[i + 1]]
    // A ring that sticks and slips rises steeply too, and falls in between.
    if (!piece || piece.slope < HOME_SLOPE || (next && next.startY < piece.endY)) break
    start = piece.from
  }
  return start
}

/** What a force comes to at most where a slide goes on as it did: its line, and what sticks up over it. */
function slideTop({ x, y }: LoadingCurve, from: number, until: number, atMm: number): number {
  const first = Math.max(from, lastIndexBefore(x, (x[Math.max(0, until - 1)] ?? 0) - LOOK_BACK_MM))
  const [xs, ys] = [Array.from(x.slice(first, until)), Array.from(y.slice(first, until))]
  if (xs.length < 4) return Math.max(0, Math.min(...y.slice(Math.max(0, until - 1), until + 2)))
  const [mx, my] = [average(xs), average(ys)]
  const xx = xs.reduce((sum, value) => sum + (value - mx) ** 2, 0)
  const slope = xx > 0 ? xs.reduce((sum, value, i) => sum + (value - mx) * ((ys[i] ?? 0) - my), 0) / xx : 0
  const off = xs.map((value, i) => (ys[i] ?? 0) - my - slope * (value - mx)).sort((a, b) => a - b)
  const sticking = off[Math.floor(STICKING * (off.length - 1))] ?? 0
  return my + slope * (atMm - mx) + sticking
}

const STICKING = 0.9
const LOOK_BACK_MM = 0.3
const SEAT_MM = 0.045

function lastIndexBefore(x: Float64Array, value: number): number {
  let i = x.length - 1
  while (i > 0 && (x[i] ?? 0) > value) i--
  return i
}

function average(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/** A pusher that came down so far without any force met no ring that holds, mm. From memory. */
const NO_RING_MM = 0.6

/** The middle of the forces of the slide: of the later half of what lies between contact and home. */
function slideLevel({ x, y }: LoadingCurve, touched: number, until: number): number {
  const [from, to] = [x[touched] ?? 0, x[Math.max(touched, until - 1)] ?? 0]
  const later: number[] = []
  for (let i = touched; i < until; i++) if ((x[i] ?? 0) >= (from + to) / 2) later.push(y[i] ?? 0)
  return later.length > 0 ? median(later) : 0
}

function firstIndex({ y }: LoadingCurve, from: number, until: number, leastN: number): number | null {
  for (let i = from; i < until; i++) if ((y[i] ?? 0) >= leastN) return i
  return null
}

/** Where the ramp's line starts from nothing. */
function contactKnee({ x, y }: LoadingCurve, touched: number, level: number): number | null {
  const most = 0.7 * level
  let last = touched
  while (last + 1 < y.length && (y[last + 1] ?? 0) <= most) last++
  const to = Math.max(last, touched + 1)
  const from = Array.from(x).findIndex((value) => value >= (x[touched] ?? 0) - BEFORE_KNEE_MM)
  const stretch = { x: Array.from(x.slice(from, to + 1)), y: Array.from(y.slice(from, to + 1)) }
  return kneeOf(stretch, 'flat')?.x ?? x[touched] ?? null
}

/** Higher than this over where the last rise begins is a hump before it. */
const OVER_A_HUMP = 1.15
/** After a hump that is over for so much way the slide itself tells where the rise begins, mm. */
const SLID_AGAIN_MM = 0.03

function homeKnee({ x, y }: LoadingCurve, pieces: readonly Piece[], start: number) {
  const near = Array.from(x).findIndex((value) => value >= (x[start] ?? 0) - BEFORE_KNEE_MM)
  const top = y.indexOf(Math.max(...y.slice(near, start + 1)))
  const fallen = Math.max(near, lastFall(pieces, start, y[start] ?? 0))
  const slidAgain = (x[start] ?? 0) - (x[fallen] ?? 0) > SLID_AGAIN_MM
  const isAfterHump = (y[top] ?? 0) > OVER_A_HUMP * (y[start] ?? 0)
  const from = slidAgain ? fallen : isAfterHump ? top : near
  // A hand that has stopped lets the force sink: what comes after the peak says nothing of the rise.
  const peak = y.indexOf(Math.max(...y.slice(start)))
  return kneeOf({ x: Array.from(x.slice(from, peak + 1)), y: Array.from(y.slice(from, peak + 1)) }, 'line')
}
