import { bestFew } from './bestFew'
import type { Candidate } from './Candidate'
import type { FitWishes } from './FitWishes'
import { pairKey } from './pairKey'
import { failingConstraints, rejectedCandidate } from './rejectedCandidate'
import { withPast } from './withPast'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'

/** Candidates shown in each list where nobody says otherwise. */
export const USUALLY_SHOWN = 12

/**
 * The shortlist of candidates that were each judged in full: for constructions with few parts near any one case.
 * @param textOf - says why a constraint speaks against a candidate
 */
export function judgedShortlist<C extends Candidate>(
  candidates: Iterable<C>,
  textOf: (name: string, candidate: C) => string,
  wishes: FitWishes,
  { policy, most = USUALLY_SHOWN }: ShortlistOptions,
): Shortlist<C> {
  const fitting = bestFew<C>(most)
  const rejected = bestFew<C>(most)
  const counts: Record<string, number> = {}
  let [fittingCount, rejectedCount] = [0, 0]
  for (const judged of candidates) {
    const candidate = withPast(judged, wishes, policy)
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
    rejected: rejected
      .items()
      .map((candidate) => rejectedCandidate(candidate, (name) => textOf(name, candidate), policy)),
    rejectedCount,
    rejectedBy: counts,
  }
}
