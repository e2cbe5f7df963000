import type { LoadingCurve } from './loadingCurve'
import { loadingCurve, median } from './loadingCurve'
import type { PressPoint } from './PressPoint'
import type { NamedPhase, PressReading, PressVerdict } from './PressReading'
import type { PressPhases } from './pressPhases'
import { pressPhases } from './pressPhases'
import { suddenDrop } from './suddenDrop'

export interface PressRunPolicy {
  /** force over that of the slide that says over-pressed, N */
  readonly overMarginN: number
  /** a slide of less than this holds nothing, N */
  readonly looseN: number
  /** share of the force that a crack takes at once */
  readonly crackShare: number
  /** how far the force climbs over what it then slides at when a crystal is cocked, share */
  readonly cockedShare: number
}

export const PRESS_RUN_POLICY: PressRunPolicy = {
  overMarginN: 200, // from memory
  looseN: 26, // from memory
  crackShare: 0.2, // from memory
  cockedShare: 0.22, // from memory
}

/** Reads a run: contact, ramp, slide, home, and what went wrong. @param points - checked, in order of time */
export function readPress(
  points: readonly PressPoint[],
  policy: PressRunPolicy = PRESS_RUN_POLICY,
): PressReading {
  const curve = loadingCurve(points)
  const phases = pressPhases(curve)
  const peakN = Math.max(0, ...curve.y)
  const slide = slideOf(curve, phases)
  const slideN = slide.length > 0 ? median(slide.map(({ force }) => force)) : null
  const common = {
    phases: named(curve, phases),
    contactMm: phases.contactMm,
    homeMm: phases.homeMm,
    slideN,
    peakN,
  }
  const found = judged(points, curve, phases, slide, policy)
  return { ...common, ...found }
}

interface Slid {
  readonly at: number
  readonly force: number
}
type Judged = Pick<PressReading, 'verdict' | 'probability' | 'evidence' | 'because'>

/** Keeps off the ends of the slide, mm. */
const OFF_END_MM = 0.02

function slideOf({ x, y }: LoadingCurve, { slideMm, homeMm }: PressPhases): Slid[] {
  if (slideMm === null) return []
  const until = homeMm === null ? Infinity : homeMm - OFF_END_MM
  return Array.from(x).flatMap((at, i) => (at >= slideMm && at <= until ? [{ at, force: y[i] ?? 0 }] : []))
}

function judged(
  points: readonly PressPoint[],
  curve: LoadingCurve,
  { contactMm, homeMm }: PressPhases,
  slide: readonly Slid[],
  policy: PressRunPolicy,
): Judged {
  const lastMm = curve.x.at(-1) ?? 0
  const say = (
    verdict: PressVerdict,
    fromMm: number,
    toMm: number,
    because: string,
    margin: number,
  ): Judged => ({
    verdict,
    probability: 1 / (1 + Math.exp(-margin)),
    evidence: { fromMm, toMm },
    because,
  })
  const drop = suddenDrop(points, curve.zeroN, {
    leastShare: policy.crackShare,
    leastN: Math.max(12, 6 * curve.noiseN),
  })
  if (drop) return say('cracked', drop.atMm, drop.atMm, 'lost at once', 3)
  if (homeMm === null) return say('not-home', lastMm, lastMm, 'never rose onto a seat', 3)
  const level = slide.length > 0 ? median(slide.map(({ force }) => force)) : 0
  if (level < policy.looseN) return say('loose', contactMm ?? 0, homeMm, 'no slide', 3)
  const hump = humpOf(slide)
  if (hump.share > policy.cockedShare) return say('cocked', hump.atMm, hump.atMm, 'climbed', 3)
  const end = slide.slice(-6).map(({ force }) => force)
  const over = Math.max(0, ...curve.y) - (end.length > 0 ? median(end) : level)
  if (over > policy.overMarginN) return say('over-pressed', homeMm, lastMm, 'past home', 3)
  return say('good', contactMm ?? 0, homeMm, 'slid home', 3)
}

const SMOOTHED = 2

/** The greatest fall that stays: from a force to the median of what comes after it. */
function humpOf(slide: readonly Slid[]): { share: number; atMm: number } {
  const smooth = slide.map((_, i) =>
    median(slide.slice(Math.max(0, i - SMOOTHED), i + SMOOTHED + 1).map(({ force }) => force)),
  )
  let best = { share: 0, atMm: slide[0]?.at ?? 0 }
  for (const [i, force] of smooth.entries()) {
    const at = slide[i]?.at ?? 0
    const after = slide.filter((one) => one.at > at + 0.06).map((one) => one.force)
    if (after.length < 4) break
    const share = 1 - median(after) / force
    if (share > best.share) best = { share, atMm: at }
  }
  return best
}

function named(curve: LoadingCurve, { contactMm, slideMm, homeMm }: PressPhases): NamedPhase[] {
  const [first, last] = [curve.x[0] ?? 0, curve.x.at(-1) ?? 0]
  const slid = slideMm ?? last
  const phases: NamedPhase[] = [{ phase: 'free', fromMm: first, toMm: contactMm ?? last }]
  if (contactMm !== null) phases.push({ phase: 'ramp', fromMm: contactMm, toMm: slid })
  if (slideMm !== null) phases.push({ phase: 'slide', fromMm: slideMm, toMm: homeMm ?? last })
  if (homeMm !== null) phases.push({ phase: 'home', fromMm: homeMm, toMm: last })
  return phases
}
