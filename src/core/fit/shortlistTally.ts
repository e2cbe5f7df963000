import type { BestFew } from './bestFew'
import { bestFew } from './bestFew'
import type { Candidate } from './Candidate'
import type { FitWishes } from './FitWishes'
import { pairKey } from './pairKey'
import { failingConstraints, rejectedCandidate } from './rejectedCandidate'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'

/** Candidates shown in each list where nobody says otherwise. */
const USUALLY_SHOWN = 12

/** What fits and what nearly does, as a search comes upon it: the best few of each are kept, all are counted. */
export interface ShortlistTally<C extends Candidate> {
  readonly fitting: BestFew<C>
  readonly rejected: BestFew<C>
  /** Counts a candidate that was judged in full, and keeps it if it is among the best. */
  readonly take: (candidate: C) => void
  /** Counts lines that were judged by their shape alone. @param worst - the constraint they fall to; null where they fit */
  readonly count: (lines: number, worst: string | null) => void
  /** @param textOf - says why a constraint speaks against a candidate: only what is shown is put into words */
  readonly list: (textOf: (name: string, candidate: C) => string) => Shortlist<C>
}

export function shortlistTally<C extends Candidate>(
  wishes: FitWishes,
  { policy, most = USUALLY_SHOWN }: ShortlistOptions,
): ShortlistTally<C> {
  const [fitting, rejected] = [bestFew<C>(most), bestFew<C>(most)]
  const rejectedBy = new Map<string, number>()
  let [fittingCount, rejectedCount] = [0, 0]
  const count = (lines: number, worst: string | null) => {
    if (worst === null) fittingCount += lines
    else {
      rejectedCount += lines
      rejectedBy.set(worst, (rejectedBy.get(worst) ?? 0) + lines)
    }
  }
  return {
    fitting,
    rejected,
    count,
    take(candidate) {
      const failing = failingConstraints(candidate, policy)
      const key = pairKey(candidate, wishes, policy)
      const [worst] = failing
      count(1, worst?.name ?? null)
      if (worst) rejected.offer([failing.length, ...key], () => candidate)
      else fitting.offer(key, () => candidate)
    },
    list: (textOf) => ({
      fitting: fitting.items(),
      fittingCount,
      rejected: rejected
        .items()
        .map((candidate) => rejectedCandidate(candidate, (name) => textOf(name, candidate), policy)),
      rejectedCount,
      rejectedBy: Object.fromEntries(rejectedBy),
    }),
  }
}
