/** A value with what is known of its error. */
export interface Estimate {
  /** best value, mm */
  readonly valueMm: number
  /** combined standard uncertainty (k = 1), mm, > 0 */
  readonly standardUncertaintyMm: number
}

/** Coverage factor of the expanded uncertainty shown after a ±. Source: GUM, JCGM 100:2008, 6.3.3 (about 95 %). */
export const COVERAGE_FACTOR = 2

/** Expanded uncertainty (k = 2), mm: the figure shown after a ±. */
export function expandedUncertaintyMm(estimate: Estimate): number {
  return COVERAGE_FACTOR * estimate.standardUncertaintyMm
}
