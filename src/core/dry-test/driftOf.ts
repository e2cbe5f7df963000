import { inverse, Matrix, solve } from 'ml-matrix'
import { mean, sampleVariance } from 'simple-statistics'
import { COVERAGE_FACTOR, coverageFactor } from '../measure/coverageFactor'
import { DRIFT_SHAPES, driftShapes } from './driftShapes'
import type { BlankRun, TesterDrift } from './DryRecord'

/** With fewer blank runs their spread is not known. */
export const LEAST_BLANK_RUNS = 3
/** A blank run that is shorter tells no drift from noise, s. From memory */
export const LEAST_BLANK_S = 30
/** Of the longest, as long as the others have to be to count. */
const LONG_SHARE = 0.6
/** Of a blank run's samples the shapes take four. */
export const LEAST_BLANK_SAMPLES = 12

/**
 * How a tester drifts by blank runs: a test piece that cannot leak, or the case at rest before the pressure.
 * @returns null with fewer than LEAST_BLANK_RUNS
 * @source each by least squares; the next one's prediction s·√(1 + 1/n) less half the runs' own noise, widened by
 *   Student's t as so few runs say little of their own spread (JCGM 100:2008, G.3)
 */
export function driftOf(runs: readonly BlankRun[]): TesterDrift | null {
  const long = longEnough(runs)
  const n = long.length
  if (n < LEAST_BLANK_RUNS) return null
  const knownForS = Math.min(...long.map(lastsS))
  const fits = long.map((run) => fitOf(run, knownForS))
  const widened = coverageFactor(n - 1) / COVERAGE_FACTOR
  const shapes = Array.from({ length: DRIFT_SHAPES }, (_, shape) => ({
    rates: fits.map(({ umPerS }) => umPerS[shape] ?? 0),
    noise: mean(fits.map(({ variances }) => variances[shape] ?? 0)),
  }))
  return {
    umPerS: shapes.map(({ rates }) => mean(rates)),
    // What noise makes of a blank run's own rate is none of the next record's; of few runs only half is trusted to be it.
    spreadUmPerS: shapes.map(({ rates, noise }) => {
      const variance = sampleVariance(rates)
      return widened * Math.sqrt(Math.max(variance / n, variance * (1 + 1 / n) - noise / 2))
    }),
    knownForS,
  }
}

/** One that was let go early would have all later records judged by its short time: where enough are longer, it is left out. */
function longEnough(runs: readonly BlankRun[]): readonly BlankRun[] {
  const most = Math.max(...runs.map(lastsS))
  const long = runs.filter((run) => lastsS(run) >= LONG_SHARE * most)
  return long.length >= LEAST_BLANK_RUNS ? long : runs
}

function lastsS({ timesS }: BlankRun): number {
  return (timesS.at(-1) ?? 0) - (timesS[0] ?? 0)
}

interface BlankFit {
  /** of each shape */
  readonly umPerS: readonly number[]
  /** what noise makes of each, (µm/s)² */
  readonly variances: readonly number[]
}

/** How much of each shape it was, over as long as all runs lasted. */
function fitOf({ timesS, shownUm }: BlankRun, knownForS: number): BlankFit {
  const from = timesS[0] ?? 0
  const within = timesS.map((t) => t - from).filter((t) => t <= knownForS)
  const rows = new Matrix(within.map((t) => [1, ...driftShapes(t, knownForS)]))
  const shown = Matrix.columnVector(shownUm.slice(0, within.length))
  const fit = solve(rows, shown)
  const off = Matrix.sub(shown, rows.mmul(fit))
  const noise = off.dot(off) / Math.max(1, within.length - rows.columns)
  const variances = inverse(rows.transpose().mmul(rows), true)
    .diagonal()
    .map((one) => one * noise)
  return { umPerS: fit.to1DArray().slice(1), variances: variances.slice(1) }
}
