import { inverse, Matrix } from 'ml-matrix'
import type { LinearPrior } from './fitDryTest'
import type { CaseAir } from './leakFlow'
import { flowUgPerMin } from './leakFlow'

/** A leak as large as this many standard uncertainties of it is told from none, 95 times of 100 each way. */
const TOLD_FROM_NONE = 3.29

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
 *   deformation, drift and leak, with what is known of drift and deformation
 */
export function leastLeakSeen(plan: RecordPlan, { spreads }: LinearPrior): number {
  const { air, lastsS, samples, noiseUm, deformationUm } = plan
  const information = Matrix.diag([1 / spreads[0] ** 2, 1 / spreads[1] ** 2, 0])
  for (let i = 0; i < samples; i++) {
    const t = (lastsS * i) / (samples - 1)
    // By how much a sample moves with how far the case went in, with the drift, and with 1/τ.
    const row = [1, t, -deformationUm * t]
    for (let a = 0; a < 3; a++)
      for (let b = 0; b < 3; b++)
        information.set(a, b, information.get(a, b) + ((row[a] ?? 0) * (row[b] ?? 0)) / noiseUm ** 2)
  }
  // In units of each unknown's own size: what is a thousandth and what is a hundred would not be told apart.
  const sizes = [0, 1, 2].map((a) => Math.sqrt(information.get(a, a)))
  const scaled = Matrix.zeros(3, 3)
  for (let a = 0; a < 3; a++)
    for (let b = 0; b < 3; b++) scaled.set(a, b, information.get(a, b) / ((sizes[a] ?? 1) * (sizes[b] ?? 1)))
  if (!(sizes[2] ?? 0)) return Infinity
  const uncertainty = Math.sqrt(inverse(scaled, true).get(2, 2)) / (sizes[2] ?? 1)
  return TOLD_FROM_NONE * uncertainty * flowUgPerMin(1, air)
}

/** Longer nobody waits for a record, s. */
const LONGEST_S = 4 * 3600
const LONGER_BY = 1.15

/** How long a record has to last to see a leak at the limit, s, sampled as often; null where no length would do. */
export function lengthToSee(plan: RecordPlan, prior: LinearPrior, limitUgPerMin: number): number | null {
  for (let lastsS = plan.lastsS; lastsS <= LONGEST_S; lastsS *= LONGER_BY) {
    const samples = Math.round(((plan.samples - 1) * lastsS) / plan.lastsS) + 1
    if (leastLeakSeen({ ...plan, lastsS, samples }, prior) <= limitUgPerMin) return lastsS
  }
  return null
}
