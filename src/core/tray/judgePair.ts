import { assessCandidate } from '../fit/assessCandidate'
import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { failureText } from '../fit/failureText'
import type { StockCrystal, StockGasket } from '../fit/parts'
import type { RejectedCandidate } from '../fit/rejectedCandidate'
import { rejectedCandidate } from '../fit/rejectedCandidate'
import type { BetweenSteps } from '../fit/thicknessStep'
import { withPast } from '../fit/withPast'
import { policyWithOwn } from '../own-parts/ownShortlist'
import type { Choice, ChoiceBasis } from './choiceOf'
import { choiceOf } from './choiceOf'

/** A crystal, with its ring where it has one, as a tray's case stands; nothing fails where it fits. */
export type JudgedPair = RejectedCandidate<Candidate & Choice>

/**
 * Judges one crystal, with a ring or without, in a tray's case: what the shortlist says of it, wherever it is named.
 * @param between - steps of stock the seat's level lies half-way between
 * @returns null when the case does not take such parts
 */
export function judgePair(
  { crystal, gasket }: { readonly crystal: StockCrystal; readonly gasket: StockGasket | null },
  seat: CrystalSeat,
  between: BetweenSteps | null,
  opened: ChoiceBasis,
): JudgedPair | null {
  const policy = policyWithOwn(opened.rules.policy.fit, { crystal, gasket }, opened.own)
  const judged = assessCandidate(crystal, gasket, seat, policy)
  if (!judged) return null
  const candidate = withPast(judged, opened.now.readout.wishes, policy)
  const choice = choiceOf(candidate, seat, between, opened)
  const textOf = (name: string) => failureText(name, candidate, seat, policy)
  return rejectedCandidate({ ...candidate, ...choice }, textOf, policy)
}

/** Everything that speaks against a pair, in words; empty where nothing does. */
export function againstPair({ candidate, failures }: JudgedPair): readonly string[] {
  const load = candidate.refusal ?? candidate.warning
  return [...failures.map(({ failure }) => failure), ...(load === null ? [] : [load])]
}
