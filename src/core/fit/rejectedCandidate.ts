import type { Candidate, Constraint } from './Candidate'
import type { FitPolicy } from './fitPolicy'

/** A constraint that speaks against a candidate, with the figure and the limit in words. */
export interface Failure extends Constraint {
  readonly failure: string
}

export interface RejectedCandidate<C extends Candidate = Candidate> {
  readonly candidate: C
  /** what speaks against it, worst first */
  readonly failures: readonly Failure[]
}

/** @param textOf - says why a constraint speaks against it */
export function rejectedCandidate<C extends Candidate>(
  candidate: C,
  textOf: (name: string) => string,
  policy: FitPolicy,
): RejectedCandidate<C> {
  const failures = failingConstraints(candidate, policy)
  return { candidate, failures: failures.map((c) => ({ ...c, failure: textOf(c.name) })) }
}

/** What speaks against a candidate, worst first; one whose constraints pass one by one may still be too unlikely in all. */
export function failingConstraints(
  candidate: Pick<Candidate, 'probability' | 'constraints'>,
  policy: FitPolicy,
): readonly Constraint[] {
  if (candidate.probability >= policy.leastProbability) return []
  const failing = candidate.constraints.filter((c) => c.probability < policy.leastProbability)
  return failing.length > 0 ? failing.sort((a, b) => a.probability - b.probability) : [weakest(candidate)]
}

function weakest({ constraints }: Pick<Candidate, 'constraints'>): Constraint {
  return constraints.reduce((worst, c) => (c.probability < worst.probability ? c : worst))
}
