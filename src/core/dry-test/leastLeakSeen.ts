import { inverse, Matrix } from 'ml-matrix'
import type { LinearPrior } from './fitDryTest'
import { DRIFT_SHAPES, driftShapes } from './driftShapes'
import { sumOfProducts } from './sumOfProducts'
import type { CaseAir } from './leakFlow'
import { flowUgPerMin } from './leakFlow'

/** A leak as large as this many standard uncertainties of it is told from none, 95 times of 100 each way. */
const TOLD_FROM_NONE = 3.29

/** Deformation, the drift's shapes, and the leak, which stands last. */
const UNKNOWNS = DRIFT_SHAPES + 2
const LEAK = UNKNOWNS - 1

/** What a record is, or would be, as far as what it can see goes. */
export interface RecordPlan {
  readonly air: CaseAir
  readonly lastsS: number
  readonly samples: number
  readonly noiseUm: number
  /** how far the case goes in, µm */
  readonly deformationUm: number
}

/**
 * The smallest leak a record can tell from none, µg/min: what noise and drift leave of it. A slow leak and a drift are one
 * line: that a leak bends a little counts for nothing, as a tester that warms bends too.
 * @source detection limit 3.29 u (Currie, Anal. Chem. 40 (1968) 586); u by the inverse of the information about
 *   deformation, drift and leak, with what is known of drift and deformation; what bends the drift counts as much as its rate
 */
export function leastLeakSeen(plan: RecordPlan, { spreads, knownForS }: LinearPrior): number {
  const { air, lastsS, samples, noiseUm, deformationUm } = plan
  const times = Array.from({ length: samples }, (_, i) => (lastsS * i) / (samples - 1))
  const shapes = times.map((t) => driftShapes(t, knownForS))
  // By how much a sample moves with how far the case went in, with each of the drift's shapes, and with 1/τ.
  const rows = [
    Float64Array.from(times, () => 1),
    ...Array.from({ length: DRIFT_SHAPES }, (_, shape) =>
      Float64Array.from(shapes, (each) => each[shape] ?? 0),
    ),
    Float64Array.from(times, (t) => -deformationUm * t),
  ]
  const information = Matrix.diag([...spreads.map((spread) => 1 / spread ** 2), 0])
  for (const [a, one] of rows.entries())
    for (const [b, other] of rows.entries())
      information.set(a, b, information.get(a, b) + sumOfProducts(one, other) / noiseUm ** 2)
  // In units of each unknown's own size: what is a thousandth and what is a hundred would not be told apart.
  const sizes = information.diagonal().map(Math.sqrt)
  const ofLeak = sizes[LEAK] ?? 0
  if (ofLeak === 0) return Infinity
  const scaled = Matrix.zeros(UNKNOWNS, UNKNOWNS)
  for (let a = 0; a < UNKNOWNS; a++)
    for (let b = 0; b < UNKNOWNS; b++)
      scaled.set(a, b, information.get(a, b) / ((sizes[a] ?? 1) * (sizes[b] ?? 1)))
  const uncertainty = Math.sqrt(inverse(scaled, true).get(LEAK, LEAK)) / ofLeak
  return TOLD_FROM_NONE * uncertainty * flowUgPerMin(1, air)
}

/** Longer nobody waits for a record, s. */
const LONGEST_S = 4 * 3600
const LONGER_BY = 1.15
const MOST_SAMPLES = 400

/**
 * How long a record has to last to see a leak at the limit, s, sampled as often; null where no length would do. Longer than
 * its blank runs, it takes as long ones.
 */
export function lengthToSee(plan: RecordPlan, prior: LinearPrior, limitUgPerMin: number): number | null {
  for (let lastsS = plan.lastsS; lastsS <= LONGEST_S; lastsS *= LONGER_BY) {
    const samples = Math.min(MOST_SAMPLES, Math.round(((plan.samples - 1) * lastsS) / plan.lastsS) + 1)
    // Fewer samples stand for all of them where they are as much surer.
    const noiseUm = plan.noiseUm * Math.sqrt((samples * plan.lastsS) / (plan.samples * lastsS))
    const longer = { ...prior, knownForS: Math.max(prior.knownForS, lastsS) }
    if (leastLeakSeen({ ...plan, lastsS, samples, noiseUm }, longer) <= limitUgPerMin) return lastsS
  }
  return null
}
