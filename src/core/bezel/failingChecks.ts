/** One thing a part must be, with the chance that it is and what to say when it is not. */
export interface PartCheck {
  /** 0…1 */
  readonly probability: number
  readonly failure: string
}

/** Chance that all hold, taken as independent. */
export function allHold(checks: readonly PartCheck[]): number {
  return checks.reduce((product, { probability }) => product * probability, 1)
}

/** What speaks against a part, worst first; where each by itself would pass and all together do not, the weakest. */
export function failingChecks(checks: readonly PartCheck[], leastProbability: number): string[] {
  const worstFirst = [...checks].sort((a, b) => a.probability - b.probability)
  const failing = worstFirst.filter(({ probability }) => probability < leastProbability)
  const named = failing.length > 0 || allHold(checks) >= leastProbability ? failing : worstFirst.slice(0, 1)
  return named.map(({ failure }) => failure)
}
