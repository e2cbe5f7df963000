import type { Candidate } from './Candidate'
import type { FitWishes } from './FitWishes'
import { shortlistTally } from './shortlistTally'
import type { Shortlist, ShortlistOptions } from './shortlistTypes'
import { withPast } from './withPast'

/**
 * The shortlist of candidates that were each judged in full: for constructions with few parts near any one case.
 * @param textOf - says why a constraint speaks against a candidate
 */
export function judgedShortlist<C extends Candidate>(
  candidates: Iterable<C>,
  textOf: (name: string, candidate: C) => string,
  wishes: FitWishes,
  options: ShortlistOptions,
): Shortlist<C> {
  const tally = shortlistTally<C>(wishes, options)
  for (const judged of candidates) tally.take(withPast(judged, wishes, options.policy))
  return tally.list(textOf)
}
