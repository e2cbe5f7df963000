import { constructionOf } from '../construction/constructions'
import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { fitReasons } from '../fit/fitReasons'
import { loadRefusal, loadSentences, loadWarning, underLoad } from '../fit/underLoad'
import type { BetweenSteps } from '../fit/thicknessStep'
import { betweenStepsSentence } from '../fit/thicknessStep'
import { OWN_PARTS } from '../own-parts/OwnPart'
import { againstOwn, ownOf } from '../own-parts/ownPick'
import type { OwnParts } from '../own-parts/ownParts'
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

/** What of a tray's case a choice is judged by. */
export type ChoiceBasis = Pick<TrayCase, 'kept' | 'now' | 'original' | 'rules' | 'own'>

function ownSentences(candidate: Candidate, { parts }: OwnParts): string[] {
  const used = ownOf(candidate)
  return parts.flatMap(({ id, seen, against, wanted }) => {
    if (!used.includes(id) || against !== null || seen === null) return []
    return [
      `Its own ${OWN_PARTS[id].label} looks ${seen}${wanted ? ', and nobody asked for a new one' : ', though a new one was asked for'}.`,
    ]
  })
}

/** Own parts go back only once they were looked over and found sound. */
function ownRefusal(candidate: Candidate, { parts }: OwnParts): string | null {
  return againstOwn(candidate, parts).join(' ') || null
}

/**
 * What a tray's case says of a choice: the shortlist and the pick ask this.
 * @param between - steps of stock the seat's level lies half-way between
 */
export function choiceOf(
  candidate: Candidate,
  seat: CrystalSeat,
  between: BetweenSteps | null,
  { kept, now, original, rules, own }: ChoiceBasis,
): Choice {
  const { fit, strength } = rules.policy
  const load = underLoad(candidate, seat, original, testPressure(kept.tray), strength)
  const construction = constructionOf(seat.retention)
  const band = candidate.gasket && construction.squeezeBand(candidate.gasket, fit)
  const learned = band && learnedSqueeze(candidate.hold, band, kept.pastRuns)
  return {
    reasons: [
      ...ownSentences(candidate, own),
      ...fitReasons(candidate, seat, now.readout.wishes, fit),
      ...(between && isOf(candidate, between) ? [betweenStepsSentence(between)] : []),
      ...(learned ? [learnedSqueezeSentence(learned)] : []),
      ...(load ? loadSentences(candidate.crystal, load, strength) : []),
    ],
    warning: load && loadWarning(load),
    refusal: ownRefusal(candidate, own) ?? (load && loadRefusal(candidate.crystal, load, strength)),
  }
}
