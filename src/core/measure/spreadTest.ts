import type { InstrumentSpec } from './InstrumentSpec'
import { typeBUncertaintyMm } from './InstrumentSpec'

export interface SpreadTest {
  /** largest less smallest reading, mm */
  readonly spreadMm: number
  /** what this instrument explains at 95 %, mm */
  readonly explainedMm: number
  readonly verdict: 'one-reading' | 'explained' | 'too-wide'
  /** worth looking for when the spread is too wide */
  readonly likelyCauses: readonly string[]
}

/**
 * 95 % point of the range of n normal values, in standard deviations, for n = 2…10: studentized range q(0.95; n, ∞).
 * Source: Pearson & Hartley, Biometrika Tables for Statisticians I, table 29; recomputed by simulation in the tests.
 */
export const RANGE_95: readonly number[] = [2.77, 3.31, 3.63, 3.86, 4.03, 4.17, 4.29, 4.39, 4.47]

const CAUSES = ['dirt on the part or the jaws', 'a burr or chip', 'an oval part', 'a tilted hold'] as const

/**
 * Do repeats agree as well as the instrument lets them?
 * The instrument's whole Type B uncertainty is allowed per reading: generous, so a flag is worth acting on.
 * @param readingsMm - mm; more than ten are judged by the limit for ten
 */
export function spreadTest(readingsMm: readonly number[], instrument: InstrumentSpec): SpreadTest {
  const spreadMm = readingsMm.length > 0 ? Math.max(...readingsMm) - Math.min(...readingsMm) : 0
  const factor = RANGE_95[Math.min(readingsMm.length, 10) - 2]
  if (factor === undefined) return { spreadMm, explainedMm: 0, verdict: 'one-reading', likelyCauses: [] }
  const explainedMm = factor * typeBUncertaintyMm(instrument)
  // Readings are multiples of the resolution, so compare with half a step of slack against rounding in the last bit.
  const tooWide = spreadMm > explainedMm + instrument.resolutionMm / 2
  return {
    spreadMm,
    explainedMm,
    verdict: tooWide ? 'too-wide' : 'explained',
    likelyCauses: tooWide ? CAUSES : [],
  }
}
