import { bestFew } from './bestFew'
import type { Candidate, ConstraintName } from './Candidate'
import type { CaseFacts, FitWishes } from './CaseFacts'
import { nearCandidates } from './nearCandidates'
import { pairKey } from './pairKey'
import { pairShortlist } from './pairShortlist'
import { failingConstraints, rejectedCandidate } from './rejectedCandidate'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'
import type { StockIndex } from './stockIndex'

/** What of the drawers fits a case, best first, and what nearly does and why not. */
export function shortlist(
  index: StockIndex,
  facts: CaseFacts,
  wishes: FitWishes,
  options: ShortlistOptions,
): Shortlist {
  return facts.held === 'ring'
    ? pairShortlist(index, facts, wishes, options)
    : plainShortlist(index, facts, wishes, options)
}

/** The other constructions have few parts near any one case: each is judged in full. */
function plainShortlist(
  index: StockIndex,
  facts: Exclude<CaseFacts, { held: 'ring' }>,
  wishes: FitWishes,
  { policy, most = 12 }: ShortlistOptions,
): Shortlist {
  const fitting = bestFew<Candidate>(most)
  const rejected = bestFew<Candidate>(most)
  const counts: Partial<Record<ConstraintName, number>> = {}
  let [fittingCount, rejectedCount] = [0, 0]
  for (const candidate of nearCandidates(index, facts, policy)) {
    const failing = failingConstraints(candidate, policy)
    const key = pairKey(candidate, wishes, policy)
    const [worst] = failing
    if (worst === undefined) {
      fittingCount++
      fitting.offer(key, () => candidate)
    } else {
      rejectedCount++
      counts[worst.name] = (counts[worst.name] ?? 0) + 1
      rejected.offer([failing.length, ...key], () => candidate)
    }
  }
  return {
    fitting: fitting.items(),
    fittingCount,
    rejected: rejected.items().map((candidate) => rejectedCandidate(candidate, facts, policy)),
    rejectedCount,
    rejectedBy: counts,
  }
}
