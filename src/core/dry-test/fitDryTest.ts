import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { requireAtLeast } from '../guard/require'
import type { DryKnown, DryRecord } from './DryRecord'
import { timeConstantS } from './leakFlow'

const { abs, exp, log, sqrt } = Math

/** Leaks that are thought of, µg/min: from what no tester sees to what is open. Each decade alike. From memory */
const LEAST_FLOW = 1
const MOST_FLOW = 1e6
const COARSE_STEPS = 240
/** Between the leaks that are not ruled out. */
const FINE_STEPS = 200
const RULED_OUT = 1e-7
/** Where no blank run was made, µm/s: anything a tester may do as it warms. From memory */
const UNKNOWN_DRIFT_UM_PER_S = 0.01
/** Where nothing is known of a case, how far a case may go in, µm. From memory */
const UNKNOWN_DEFORMATION_UM = 50
/** Fewer tell no noise from anything else. */
export const LEAST_SAMPLES = 12
/** No display is finer, µm. */
const LEAST_NOISE_UM = 1e-4

/** How likely each leak is, by a record. */
export interface LeakLikelihood {
  /** µg/min, rising, evenly on a logarithmic scale */
  readonly flows: readonly number[]
  /** sums to 1 */
  readonly shares: readonly number[]
  /** of one sample, standard deviation, µm */
  readonly noiseUm: number
  /** how far it went in at once, as its likeliest leak has it, µm */
  readonly deformationUm: number
}

/**
 * Weighs every leak by how well it explains a record: δ(t) = δ0·e^(−t/τ) + drift·t, how far it went in and the drift each
 * with what was known of it before, integrated out.
 * @source Bayes' rule on a grid of leaks; what is linear by its marginal likelihood (Rasmussen & Williams 2006, 2.7)
 * @throws RangeError for fewer samples than LEAST_SAMPLES
 */
export function fitDryTest(record: DryRecord, known: DryKnown): LeakLikelihood {
  requireAtLeast('timesS', record.timesS, LEAST_SAMPLES)
  const noiseUm = noiseOf(record.deformationUm)
  const prior = priorOf(known)
  const weigh = (flows: readonly number[]) => {
    const fits = flows.map((flow) => fitAt(record, timeConstantS(flow, record.air), prior, noiseUm))
    const most = Math.max(...fits.map(({ logEvidence }) => logEvidence))
    const weights = fits.map(({ logEvidence }) => exp(logEvidence - most))
    const total = weights.reduce((sum, weight) => sum + weight, 0)
    return {
      flows,
      shares: weights.map((weight) => weight / total),
      deformationUm: fits[weights.indexOf(1)]?.deformationUm ?? 0,
    }
  }
  const coarse = weigh(evenly(LEAST_FLOW, MOST_FLOW, COARSE_STEPS))
  const left = coarse.shares.flatMap((share, i) => (share > RULED_OUT ? [i] : []))
  const at = (i: number) => coarse.flows[Math.min(COARSE_STEPS, Math.max(0, i))] ?? LEAST_FLOW
  return {
    ...weigh(evenly(at((left[0] ?? 0) - 1), at((left.at(-1) ?? COARSE_STEPS) + 1), FINE_STEPS)),
    noiseUm,
  }
}

/** Flows from one to another, evenly on a logarithmic scale. */
function evenly(from: number, to: number, steps: number): number[] {
  return Array.from({ length: steps + 1 }, (_, i) => from * (to / from) ** (i / steps))
}

/** What was known of the two linear unknowns: means, and how far they may be off. */
export interface LinearPrior {
  readonly means: readonly [deformationUm: number, driftUmPerS: number]
  readonly spreads: readonly [deformationUm: number, driftUmPerS: number]
}

export function priorOf({ drift, deformation }: DryKnown): LinearPrior {
  return {
    means: [deformation?.um ?? 0, drift?.umPerS ?? 0],
    spreads: [deformation?.spreadUm ?? UNKNOWN_DEFORMATION_UM, drift?.spreadUmPerS ?? UNKNOWN_DRIFT_UM_PER_S],
  }
}

/** Of one sample, by how samples differ from the line through their neighbours: what moves slowly drops out. */
function noiseOf(values: readonly number[]): number {
  const off = values.slice(1, -1).map((value, i) => value - ((values[i] ?? 0) + (values[i + 2] ?? 0)) / 2)
  const sorted = off.map(abs).toSorted((a, b) => a - b)
  const median = sorted[Math.floor(sorted.length / 2)] ?? 0
  // Of three samples the variances add to 1.5; the median of a normal distribution's amount is 0.6745 of its spread.
  return Math.max(LEAST_NOISE_UM, median / 0.6745 / sqrt(1.5))
}

interface FitAt {
  readonly logEvidence: number
  readonly deformationUm: number
}

function fitAt(record: DryRecord, tauS: number, { means, spreads }: LinearPrior, noiseUm: number): FitAt {
  const precision = 1 / noiseUm ** 2
  const normal = Matrix.diag(spreads.map((spread) => 1 / spread ** 2))
  const right = Matrix.zeros(2, 1)
  let squares = 0
  record.timesS.forEach((t, i) => {
    const row = [exp(-t / tauS), t]
    const off = (record.deformationUm[i] ?? 0) - (row[0] ?? 0) * means[0] - t * means[1]
    squares += off * off * precision
    for (let a = 0; a < 2; a++) {
      right.set(a, 0, right.get(a, 0) + (row[a] ?? 0) * off * precision)
      for (let b = 0; b < 2; b++)
        normal.set(a, b, normal.get(a, b) + (row[a] ?? 0) * (row[b] ?? 0) * precision)
    }
  })
  const cholesky = new CholeskyDecomposition(normal)
  const solved = cholesky.solve(right)
  const explained = right.transpose().mmul(solved).get(0, 0)
  const lower = cholesky.lowerTriangularMatrix
  const logDeterminant = 2 * (log(lower.get(0, 0)) + log(lower.get(1, 1)))
  return {
    // What is the same for every leak is left out.
    logEvidence: (explained - squares - logDeterminant) / 2,
    deformationUm: means[0] + solved.get(0, 0),
  }
}
