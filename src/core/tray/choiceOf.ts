import { constructionOf } from '../construction/constructions'
import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { fitReasons } from '../fit/fitReasons'
import { loadRefusal, loadSentences, loadWarning, underLoad } from '../fit/underLoad'
import type { BetweenSteps } from '../fit/thicknessStep'
import { betweenStepsSentence } from '../fit/thicknessStep'
import { testPressure } from '../intake/waterClass'
import { learnedSqueeze, learnedSqueezeSentence } from './pastFigures'
import type { TrayCase } from './trayCase'

/** A candidate with everything the case says of it: its history, its class, the crystal that was there. */
export interface Choice {
  /** in the sentences a technician would say */
  readonly reasons: readonly string[]
  /** null where nothing warns */
  readonly warning: string | null
  /** why it may not go in; null where it may */
  readonly refusal: string | null
}

function isOf({ crystal }: Candidate, { thinnerMm, thickerMm }: BetweenSteps): boolean {
  return crystal.edgeThicknessMm === thinnerMm || crystal.edgeThicknessMm === thickerMm
}

/**
 * What a tray's case says of a choice: the shortlist and the pick ask this.
 * @param between - steps of stock the seat's level lies half-way between
 */
export function choiceOf(
  candidate: Candidate,
  seat: CrystalSeat,
  between: BetweenSteps | null,
  { kept, now, original, rules }: Pick<TrayCase, 'kept' | 'now' | 'original' | 'rules'>,
): Choice {
  const { fit, strength } = rules.policy
  const load = underLoad(candidate, seat, original, testPressure(kept.tray), strength)
  const construction = constructionOf(seat.retention)
  const band = candidate.gasket && construction.squeezeBand(candidate.gasket, fit)
  const learned = band && learnedSqueeze(candidate.hold, band, kept.pastRuns)
  return {
    reasons: [
      ...fitReasons(candidate, seat, now.readout.wishes, fit),
      ...(between && isOf(candidate, between) ? [betweenStepsSentence(between)] : []),
      ...(learned ? [learnedSqueezeSentence(learned)] : []),
      ...(load ? loadSentences(candidate.crystal, load, strength) : []),
    ],
    warning: load && loadWarning(load),
    refusal: load && loadRefusal(candidate.crystal, load, strength),
  }
}
