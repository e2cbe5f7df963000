import { formatMm, formatPercent } from '../units/formatMm'
import { gaveWay } from './gaveWay'
import type { LoadingCurve } from './loadingCurve'
import { loadingCurve, median } from './loadingCurve'
import type { PressPoint } from './PressPoint'
import type { NamedPhase, PressReading, PressVerdict } from './PressReading'
import type { PressPhases } from './pressPhases'
import { pressPhases } from './pressPhases'
import type { PressRunPolicy } from './pressRunPolicy'
import type { Slid } from './slideOf'
import { humpOf, slideLevelN, slideOf } from './slideOf'
import { suddenDrop } from './suddenDrop'

/** Home is found so near in 95 of 100 simulated runs, mm: see docs/press-study.md. */
const HOME_WITHIN_MM = 0.02

/**
 * Reads a run: where the pusher met the crystal, where it slid, where it came home, and what went wrong.
 * @param points - checked by `checkRun`, in order of time
 * @source piecewise-linear segmentation (Bellman & Roth 1969), its pieces named; limits from memory
 */
export function readPress(points: readonly PressPoint[], policy: PressRunPolicy): PressReading {
  const curve = loadingCurve(points)
  const phases = pressPhases(curve)
  const slide = slideOf(curve, phases)
  const tests = testsOf({ points, curve, phases, slide, policy })
  const failed = tests.find(({ margin }) => margin > 0)
  const least = Math.min(...tests.map(({ margin }) => -margin))
  const said = failed ?? {
    verdict: 'good' as const,
    margin: least,
    fromMm: phases.contactMm ?? 0,
    toMm: phases.homeMm ?? 0,
    because: `Slid at ${newtons(slideLevelN(slide) ?? 0)} and came home at ${formatMm(phases.homeMm ?? 0)} ±${formatMm(HOME_WITHIN_MM)} mm.`,
  }
  return {
    verdict: said.verdict,
    probability: surety(said.margin),
    evidence: { fromMm: said.fromMm, toMm: said.toMm },
    because: said.because,
    phases: named(curve, phases),
    contactMm: phases.contactMm,
    homeMm: phases.homeMm,
    slideN: slideLevelN(slide),
    peakN: Math.max(0, ...curve.y),
  }
}

interface RunFacts {
  readonly points: readonly PressPoint[]
  readonly curve: LoadingCurve
  readonly phases: PressPhases
  readonly slide: readonly Slid[]
  readonly policy: PressRunPolicy
}

/** One way a run may have failed. */
interface Test {
  readonly verdict: PressVerdict
  /** over its limit when positive, in what chance moves it by */
  readonly margin: number
  readonly fromMm: number
  readonly toMm: number
  readonly because: string
}

/** What chance moves the figures by that are compared with limits: shares and N. From the study of simulated runs. */
const CHANCE_SHARE = 0.05
const CHANCE_OVER_N = 30
const CHANCE_LOOSE_N = 5
/** Readings that make up the force at the end of the slide. */
const END_OF_SLIDE = 6
/** A loss is more than the cell's scatter beyond so many standard deviations, and at least so much, N. */
const DROP_BEYOND = 6
const LEAST_DROP_N = 12
/** What is seen or not seen, without a figure, and what is seen but faint. */
const CLEAR = 3
const FAINT = 1

/** Every way a run may have failed, the gravest first. */
function testsOf({ points, curve, phases, slide, policy }: RunFacts): Test[] {
  const { contactMm, homeMm } = phases
  const lastMm = curve.x.at(-1) ?? 0
  const levelN = slideLevelN(slide) ?? 0
  const drop = suddenDrop(points, curve.zeroN, {
    leastShare: policy.crackShare,
    leastN: Math.max(LEAST_DROP_N, DROP_BEYOND * curve.noiseN),
  })
  const gave = gaveWay(curve, phases, slide)
  const hump = humpOf(slide)
  const endN = slide.slice(-END_OF_SLIDE).map(({ forceN }) => forceN)
  const overN = Math.max(0, ...curve.y) - (endN.length > 0 ? median(endN) : levelN)
  return [
    {
      verdict: 'cracked',
      margin: drop ? FAINT + (drop.share - policy.crackShare) / CHANCE_SHARE : -CLEAR,
      fromMm: drop?.atMm ?? 0,
      toMm: drop?.atMm ?? 0,
      because: drop
        ? `${formatPercent(drop.share)} of the force was gone at once at ${formatMm(drop.atMm)} mm: stop, and look at the crystal under the loupe.`
        : '',
    },
    {
      verdict: 'cracked',
      margin: gave === null ? -CLEAR : FAINT,
      fromMm: gave ?? 0,
      toMm: gave ?? 0,
      because: `The force fell at ${formatMm(gave ?? 0)} mm, where a seat only grows harder: look at the crystal under the loupe.`,
    },
    {
      verdict: 'not-home',
      margin: homeMm === null ? CLEAR : -CLEAR,
      fromMm: phases.slideMm ?? lastMm,
      toMm: lastMm,
      because: `No rise onto a seat by ${formatMm(lastMm)} mm: it is not home.`,
    },
    {
      verdict: 'loose',
      margin: (policy.looseN - levelN) / CHANCE_LOOSE_N,
      fromMm: contactMm ?? 0,
      toMm: homeMm ?? lastMm,
      because: `It went down at ${newtons(levelN)}: nothing holds it. Ring or crystal is of the wrong size.`,
    },
    {
      verdict: 'cocked',
      margin: (hump.share - policy.cockedShare) / CHANCE_SHARE,
      fromMm: hump.topMm,
      toMm: homeMm ?? lastMm,
      because: `The force climbed to ${newtons(hump.topN)} and fell by ${formatPercent(hump.share)}: it went in leaning. Read the rim all round.`,
    },
    {
      verdict: 'over-pressed',
      margin: (overN - policy.overMarginN) / CHANCE_OVER_N,
      fromMm: homeMm ?? lastMm,
      toMm: lastMm,
      because: `${newtons(overN)} more than it slid at, once home: more force only breaks it.`,
    },
  ]
}

/** Nothing is surer than this: readings come a few tens a second, and what falls between them is not seen. */
const SUREST = 0.99

function surety(margin: number): number {
  return Math.min(SUREST, 1 / (1 + Math.exp(-Math.abs(margin) - FAINT)))
}

function newtons(force: number): string {
  return `${Math.round(force)} N`
}

function named(curve: LoadingCurve, { contactMm, slideMm, homeMm }: PressPhases): NamedPhase[] {
  const [first, last] = [curve.x[0] ?? 0, curve.x.at(-1) ?? 0]
  const phases: NamedPhase[] = [{ phase: 'free', fromMm: first, toMm: contactMm ?? last }]
  if (contactMm !== null) phases.push({ phase: 'ramp', fromMm: contactMm, toMm: slideMm ?? last })
  if (slideMm !== null) phases.push({ phase: 'slide', fromMm: slideMm, toMm: homeMm ?? last })
  if (homeMm !== null) phases.push({ phase: 'home', fromMm: homeMm, toMm: last })
  return phases
}
