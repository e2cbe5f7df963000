import { mean, sampleStandardDeviation } from 'simple-statistics'
import type { TesterDrift } from './DryRecord'

/** With fewer blank runs their spread is not known. */
export const LEAST_BLANK_RUNS = 3

/**
 * How a tester drifts by blank runs: a test piece that cannot leak, or the case at rest before the pressure.
 * @param slopesUmPerS - of each run, µm/s
 * @returns null with fewer than LEAST_BLANK_RUNS
 * @source the next one's prediction: s·√(1 + 1/n)
 */
export function driftOf(slopesUmPerS: readonly number[]): TesterDrift | null {
  const n = slopesUmPerS.length
  if (n < LEAST_BLANK_RUNS) return null
  const slopes = [...slopesUmPerS]
  return { umPerS: mean(slopes), spreadUmPerS: sampleStandardDeviation(slopes) * Math.sqrt(1 + 1 / n) }
}
