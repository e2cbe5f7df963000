// The models alone, timed against the plain way of doing the same. Ratios are of one run on one machine.
import { VERDICT_POLICY } from '@/core/verdict/verdictPolicy'
import { randomLcg, randomNormal } from 'd3-random'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { fitCircle } from '@/core/circle/fitCircle'
import { robustCircle } from '@/core/circle/robustCircle'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { possibleMeasurements } from '@/core/tray/possibleMeasurements'
import { benchInstrument } from '../tests/factories/benchInstrument'
import { caseSheet } from '../tests/factories/caseSheet'
import { askNext } from '@/core/verdict/askNext'
import type { SizeEvidence } from '@/core/verdict/SizeEvidence'
import { sizeVerdict } from '@/core/verdict/sizeVerdict'
import { die } from '../tests/factories/parts'
import { pressAsked, pressCase } from '../tests/factories/pressCase'
import { pressPlan } from '@/core/press/plan/pressPlan'
import { piecewiseLinear } from '@/core/press-run/piecewiseLinear'
import { PRESS_RUN_POLICY } from '@/core/press-run/pressRunPolicy'
import { readPress } from '@/core/press-run/readPress'

const POINTS = 100_000
const REFERENCE_POINTS = 200
const RUNS = 5

function rim(count: number) {
  const random = randomLcg(0.3)
  const scatter = randomNormal.source(random)(0, 0.02)
  return Array.from({ length: count }, (_, i) => {
    const angle = (2.4 * i) / count
    const radius = 15 + scatter()
    return { xMm: 3 + radius * Math.cos(angle), yMm: 4 + radius * Math.sin(angle) }
  })
}

function medianMs(work: () => unknown, runs = RUNS): number {
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  }).sort((a, b) => a - b)
  return times[Math.floor(runs / 2)] ?? NaN
}

const many = rim(POINTS)
const few = rim(REFERENCE_POINTS)
const plain = medianMs(() => fitCircle(many))
const robust = medianMs(() =>
  robustCircle(many, { toleranceMm: 0.1, pointUncertaintyMm: 0.02, random: randomLcg(0.5) }),
)
const ours = medianMs(() => fitCircle(few), 50)
const reference = medianMs(
  () =>
    levenbergMarquardt(
      { x: few.map((_, k) => k), y: few.map(() => 0) },
      ([cx = 0, cy = 0, r = 0]) =>
        (k) => {
          const p = few[k]
          return p ? Math.hypot(p.xMm - cx, p.yMm - cy) - r : 0
        },
      { initialValues: [3, 4, 15], maxIterations: 20, errorTolerance: 0, gradientDifference: 1e-7 },
    ),
  3,
)
console.log(
  `circle through ${POINTS} points: ${plain.toFixed(1)} ms, with strays left out ${robust.toFixed(1)} ms; through ${REFERENCE_POINTS} points ${(reference / ours).toFixed(0)} times as fast as a general optimiser`,
)

const estimate = (valueMm: number, standardUncertaintyMm: number) => ({ valueMm, standardUncertaintyMm })
const evidence: SizeEvidence[] = Array.from({ length: 12 }, (_, i) =>
  i % 3 === 0
    ? { kind: 'crystal', diameter: estimate(30.01 + 0.002 * i, 0.02) }
    : i % 3 === 1
      ? { kind: 'opening-with-gasket', opening: estimate(29.95, 0.02) }
      : { kind: 'fragment', method: 'points', diameter: estimate(30, 0.05) },
)
const possible = possibleMeasurements({
  crystalState: 'cracked',
  measured: {},
  otherEvidence: [],
  plan: ['crystal-diameter', 'bore', 'gasket-wall'],
  sheet: caseSheet(),
  policy: FIT_POLICY,
  instruments: (['caliper', 'micrometer', 'inside-micrometer'] as const).map((kind, i) =>
    benchInstrument(kind, i + 1),
  ),
})
const verdict = medianMs(() => sizeVerdict(evidence, [{ sizeMm: 30, count: 13 }], VERDICT_POLICY), 50)
const asking = medianMs(() => askNext(evidence, [{ sizeMm: 30, count: 13 }], possible, VERDICT_POLICY), 20)
console.log(
  `verdict from 12 pieces of evidence: ${verdict.toFixed(2)} ms; with what to ask next of ${possible.length} measurements ${asking.toFixed(1)} ms`,
)

/** A run of four thousand readings: cut into pieces, and the plain way of the same, every cut tried for every end. */
const SEGMENTED = 4000
const PENALTY = 14
const sawed = (() => {
  const random = randomNormal.source(randomLcg(0.7))(0, 3)
  const x = Float64Array.from({ length: SEGMENTED }, (_, i) => i / 2000)
  const y = x.map(
    (at) => (at < 0.3 ? 0 : at < 0.5 ? (at - 0.3) * 1250 : 250 + Math.max(0, at - 1.6) * 3000) + random(),
  )
  return { x, y, weight: new Float64Array(SEGMENTED).fill(1 / 9) }
})()
const cut = medianMs(() => piecewiseLinear(sawed, PENALTY))
const tried = medianMs(() => plainPieces(sawed, PENALTY), 3)
const points = Array.from(sawed.x, (travelMm, i) => ({ tMs: 2 * i, travelMm, forceN: sawed.y[i] ?? 0 }))
const read = medianMs(() => readPress(points, PRESS_RUN_POLICY))
console.log(
  `${SEGMENTED} readings of a press cut into pieces in ${cut.toFixed(1)} ms, ${(tried / cut).toFixed(1)} times as fast as with every cut kept; read whole, with its verdict, in ${read.toFixed(1)} ms`,
)

/** A shop with five hundred dies plans a push out: dies, and the stress of each pusher. */
const manyDies = Array.from({ length: 500 }, (_, i) =>
  die({
    id: i + 1,
    code: `D${i}`,
    role: i % 3 === 0 ? 'support' : 'pusher',
    outerDiameterMm: 15 + (i % 120) / 4,
    openingMm: i % 3 === 0 ? 12 + (i % 120) / 4 : 0,
    recessDepthMm: i % 3 === 0 ? 7 : 0,
  }),
)
const pushedOut = pressCase({ dies: manyDies })
const planned = medianMs(() => pressPlan(pushedOut, 'push-out', pressAsked()))
const fromFew = medianMs(() => pressPlan(pressCase(), 'push-out', pressAsked()))
console.log(
  `a push out planned from 500 dies in ${planned.toFixed(2)} ms, ${(planned / fromFew).toFixed(1)} times as long as from 8`,
)

/** The same dynamic programming without dropping cuts that can no longer win. */
function plainPieces({ x, y, weight }: typeof sawed, penalty: number): number {
  const sums = Array.from({ length: 6 }, () => new Float64Array(SEGMENTED + 1))
  for (let i = 0; i < SEGMENTED; i++) {
    const [w, a, b] = [weight[i] ?? 0, x[i] ?? 0, y[i] ?? 0]
    for (const [k, term] of [w, w * a, w * b, w * a * a, w * a * b, w * b * b].entries()) {
      const sum = sums[k]
      if (sum) sum[i + 1] = (sum[i] ?? 0) + term
    }
  }
  const [w, wx, wy, wxx, wxy, wyy] = sums as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  const of = (sum: Float64Array, from: number, to: number) => (sum[to] as number) - (sum[from] as number)
  const best = new Float64Array(SEGMENTED + 1).fill(Infinity)
  best[0] = -penalty
  for (let to = 2; to <= SEGMENTED; to++)
    for (let from = 0; from <= to - 2; from++) {
      const n = of(w, from, to)
      const [sx, sy] = [of(wx, from, to), of(wy, from, to)]
      const xx = of(wxx, from, to) - (sx * sx) / n
      const off =
        of(wyy, from, to) - (sy * sy) / n - (xx > 0 ? (of(wxy, from, to) - (sx * sy) / n) ** 2 / xx : 0)
      best[to] = Math.min(best[to] as number, (best[from] as number) + off + penalty)
    }
  return best[SEGMENTED] as number
}
