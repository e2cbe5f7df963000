import type { Candidate } from './Candidate'
import { oddsOfConstraints } from './Candidate'
import type { FitPolicy } from './fitPolicy'
import type { FitWishes } from './FitWishes'
import { learnedChance } from './learned'

/**
 * The same choice with what the case's own history says of this very pair; as it is where it was never fitted. What the
 * shop's limits rule out stays out, however often it went home before they were set: there history only lowers.
 */
export function withPast<C extends Candidate>(
  candidate: C,
  { pastPairs }: Pick<FitWishes, 'pastPairs'>,
  { leastProbability }: Pick<FitPolicy, 'leastProbability'>,
): C {
  const past = pastPairs.find((pair) => isPair(candidate, pair))
  const [hold, ...others] = candidate.constraints
  if (!past || !hold) return candidate
  const chance = learnedChance(hold.probability, past)
  const ruledOut = hold.probability < leastProbability
  const learned = { ...hold, probability: ruledOut ? Math.min(hold.probability, chance) : chance }
  return {
    ...candidate,
    ...oddsOfConstraints([learned, ...others]),
    past: { good: past.good, failed: past.failed, byFigures: hold.probability },
  }
}

export function isPair(
  choice: { readonly crystal: { readonly id: number }; readonly gasket: { readonly id: number } | null },
  pair: { readonly crystalId: number; readonly gasketId: number | null },
): boolean {
  return choice.crystal.id === pair.crystalId && (choice.gasket?.id ?? null) === pair.gasketId
}
