import { coverageFactor } from './coverageFactor'

/** Parts of an uncertainty that other estimates have in common with this one, by where they come from: signed, mm. */
export type SharedErrors = Readonly<Record<string, number>>

/** A value with what is known of its error. */
export interface Estimate {
  /** best value, mm */
  readonly valueMm: number
  /** combined standard uncertainty (k = 1), mm, > 0 */
  readonly standardUncertaintyMm: number
  /** what of it is not its own: the same name in two estimates is the very same error. Left out: nothing is shared */
  readonly shared?: SharedErrors
  /** effective degrees of freedom behind the uncertainty; left out where it does not rest on few readings */
  readonly degreesOfFreedom?: number
}

/**
 * Expanded uncertainty, mm: the figure shown after a ±. About 95 %: k = 2, and Student's t where it rests on few
 * readings.
 * @source GUM, JCGM 100:2008, 6.3.3 and G.3
 */
export function expandedUncertaintyMm({ standardUncertaintyMm, degreesOfFreedom }: Estimate): number {
  return coverageFactor(degreesOfFreedom) * standardUncertaintyMm
}
