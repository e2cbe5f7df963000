import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { requireAtLeast } from '../guard/require'
import type { DryKnown, DryRecord } from './DryRecord'
import { DRIFT_SHAPES, driftAt, driftShapes } from './driftShapes'
import { timeConstantS } from './leakFlow'
import { sumOfProducts } from './sumOfProducts'

const { abs, exp, log, sqrt } = Math

/** Leaks that are thought of, µg/min: from what no tester sees to what is open. Each decade alike. From memory */
const LEAST_FLOW = 1
const MOST_FLOW = 1e6
const COARSE_STEPS = 96
/** Between the leaks that are not ruled out. */
const FINE_STEPS = 120
const RULED_OUT = 1e-7
/** Where no blank run was made, µm/s: anything a tester may do as it warms, in rate and in bend. From memory */
const UNKNOWN_DRIFT_UM_PER_S = 0.01
/** Where nothing is known of a case, how far a case may go in, µm. From memory */
const UNKNOWN_DEFORMATION_UM = 50
/** Fewer tell no noise from anything else. */
export const LEAST_SAMPLES = 12
/** Nothing is known better, µm/s. */
const LEAST_SPREAD_UM_PER_S = 1e-9
/** No display is finer, µm. */
const LEAST_NOISE_UM = 1e-4

/** One way a record may have come about. */
export interface DryCurve {
  readonly tauS: number
  /** how far it went in at once */
  readonly deformationUm: number
  /** of each of driftShapes */
  readonly umPerS: readonly number[]
}

/** How likely each leak is, by a record. */
export interface LeakLikelihood {
  /** µg/min, rising, evenly on a logarithmic scale */
  readonly flows: readonly number[]
  /** sums to 1 */
  readonly shares: readonly number[]
  /** of one sample, standard deviation, µm */
  readonly noiseUm: number
  /** the likeliest way it came about */
  readonly likeliest: DryCurve
}

/**
 * Weighs every leak by how well it explains a record: δ(t) = δ0·e^(−t/τ) + drift, how far it went in and how much
 * of each of driftShapes each with what was known of it before, integrated out.
 * @source Bayes' rule on a grid of leaks; what is linear by its marginal likelihood (Rasmussen & Williams 2006, 2.7)
 * @throws RangeError for fewer samples than LEAST_SAMPLES
 */
export function fitDryTest(record: DryRecord, known: DryKnown): LeakLikelihood {
  requireAtLeast('timesS', record.timesS, LEAST_SAMPLES)
  const noiseUm = noiseOf(record.deformationUm)
  const sums = sumsOf(record, priorOf(known, lastsS(record)))
  const weigh = (flows: readonly number[]) => {
    const fits = flows.map((flow) => fitAt(sums, timeConstantS(flow, record.air), noiseUm))
    const most = Math.max(...fits.map(({ logEvidence }) => logEvidence))
    const weights = fits.map(({ logEvidence }) => exp(logEvidence - most))
    const total = weights.reduce((sum, weight) => sum + weight, 0)
    const likeliest = fits[weights.indexOf(1)]?.curve
    if (!likeliest) throw new Error('no leak is the likeliest: the record holds what is no number')
    return { flows, shares: weights.map((weight) => weight / total), likeliest }
  }
  const coarse = weigh(evenly(LEAST_FLOW, MOST_FLOW, COARSE_STEPS))
  const left = coarse.shares.flatMap((share, i) => (share > RULED_OUT ? [i] : []))
  const at = (i: number) => coarse.flows[Math.min(COARSE_STEPS, Math.max(0, i))] ?? LEAST_FLOW
  return {
    ...weigh(evenly(at((left[0] ?? 0) - 1), at((left.at(-1) ?? COARSE_STEPS) + 1), FINE_STEPS)),
    noiseUm,
  }
}

/** s from a record's first sample to its last. */
export function lastsS({ timesS }: Pick<DryRecord, 'timesS'>): number {
  return (timesS.at(-1) ?? 0) - (timesS[0] ?? 0)
}

/** Flows from one to another, evenly on a logarithmic scale. */
function evenly(from: number, to: number, steps: number): number[] {
  return Array.from({ length: steps + 1 }, (_, i) => from * (to / from) ** (i / steps))
}

/** What was known of the linear unknowns, how far it went in and how much of each of driftShapes: means, and how far off. */
export interface LinearPrior {
  readonly means: readonly number[]
  readonly spreads: readonly number[]
  /** what the shapes are counted over, s */
  readonly knownForS: number
}

export function priorOf({ drift, deformation }: DryKnown, recordLastsS: number): LinearPrior {
  const rates = Array.from({ length: DRIFT_SHAPES }, (_, shape) => ({
    mean: drift?.umPerS[shape] ?? 0,
    spread: drift?.spreadUmPerS[shape] ?? UNKNOWN_DRIFT_UM_PER_S,
  }))
  return {
    means: [deformation?.um ?? 0, ...rates.map((rate) => rate.mean)],
    spreads: [
      deformation?.spreadUm ?? UNKNOWN_DEFORMATION_UM,
      ...rates.map(({ spread }) => Math.max(LEAST_SPREAD_UM_PER_S, spread)),
    ],
    knownForS: drift?.knownForS ?? recordLastsS,
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

/** What of a record is the same for every leak. */
interface Sums {
  readonly prior: LinearPrior
  readonly times: Float64Array
  /** of each of driftShapes, at each time */
  readonly shapes: readonly Float64Array[]
  /** of each two of them, over all times */
  readonly products: readonly (readonly number[])[]
  /** off what the drift's means say */
  readonly off: Float64Array
}

function sumsOf({ timesS, deformationUm }: DryRecord, prior: LinearPrior): Sums {
  const [, ...rates] = prior.means
  const at = timesS.map((t) => driftShapes(t, prior.knownForS))
  const shapes = rates.map((_, shape) => Float64Array.from(at, (each) => each[shape] ?? 0))
  return {
    prior,
    times: Float64Array.from(timesS),
    shapes,
    products: shapes.map((one) => shapes.map((other) => sumOfProducts(one, other))),
    off: Float64Array.from(deformationUm, (um, i) => um - driftAt(timesS[i] ?? 0, rates, prior.knownForS)),
  }
}

interface FitAt {
  readonly logEvidence: number
  readonly curve: DryCurve
}

function fitAt({ prior, times, shapes, products, off }: Sums, tauS: number, noiseUm: number): FitAt {
  const { means, spreads } = prior
  const [usual = 0] = means
  const [back, rest] = [new Float64Array(times.length), new Float64Array(times.length)]
  for (let i = 0; i < times.length; i++) {
    const e = exp(-(times[i] ?? 0) / tauS)
    back[i] = e
    rest[i] = (off[i] ?? 0) - e * usual
  }
  const rows = [back, ...shapes]
  // In units of what each was known by: a fiftieth and a ten-thousandth would not be told apart.
  const scales = spreads.map((spread) => spread / noiseUm)
  const normal = Matrix.eye(rows.length)
  const withBack = rows.map((row) => sumOfProducts(back, row))
  for (const a of rows.keys())
    for (const b of rows.keys()) {
      const product = a === 0 || b === 0 ? withBack[a + b] : products[a - 1]?.[b - 1]
      normal.set(a, b, normal.get(a, b) + (product ?? 0) * ((scales[a] ?? 0) * (scales[b] ?? 0)))
    }
  const right = Matrix.columnVector(
    rows.map((row, a) => (sumOfProducts(row, rest) * (scales[a] ?? 0)) / noiseUm),
  )
  const cholesky = new CholeskyDecomposition(normal)
  const solved = cholesky.solve(right)
  const logDeterminant = 2 * cholesky.lowerTriangularMatrix.diagonal().reduce((sum, one) => sum + log(one), 0)
  const explained = right.transpose().mmul(solved).get(0, 0)
  const [deformationUm = 0, ...umPerS] = means.map((mean, a) => mean + (spreads[a] ?? 0) * solved.get(a, 0))
  return {
    // What is the same for every leak is left out.
    logEvidence: (explained - sumOfProducts(rest, rest) / noiseUm ** 2 - logDeterminant) / 2,
    curve: { tauS, deformationUm, umPerS },
  }
}
