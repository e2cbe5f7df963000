import {
  LEAST_NOTCH_CIRCLE_MM,
  MOST_NOTCH_CIRCLE_MM,
  notchCircleFromChord,
} from '../notches/chordBetweenNotches'
import { formatMm } from '../units/formatMm'
import { parseMm } from '../units/parseMm'
import { reaches } from '../units/within'

export type CircleOutcome = { ok: true; circleMm: number } | { ok: false; message: string }

/**
 * The notch circle from a chord as typed.
 * @param limitMm - case diameter: no notch circle is larger; null when it is not known
 * @returns the circle in mm, or a sentence naming value, limit and what to do
 */
export function circleFromChordText(
  text: string,
  notchCount: number,
  skip: number,
  limitMm: number | null,
): CircleOutcome {
  const parsed = parseMm(text)
  if (!parsed.ok || !(parsed.valueMm > 0)) {
    return {
      ok: false,
      message: `Chord: “${text.trim().slice(0, 20)}” is not a length. Type it as 28.06, in mm.`,
    }
  }
  const circleMm = notchCircleFromChord(parsed.valueMm, notchCount, skip)
  if (circleMm < LEAST_NOTCH_CIRCLE_MM || circleMm > MOST_NOTCH_CIRCLE_MM) {
    return {
      ok: false,
      message: `Chord: ${formatMm(parsed.valueMm)} would need a notch circle of ${formatMm(circleMm)}; on a watch it is ${LEAST_NOTCH_CIRCLE_MM}–${MOST_NOTCH_CIRCLE_MM}. Measure again between notches ${skip} apart, from the same edge to the same edge.`,
    }
  }
  if (limitMm !== null && !reaches(limitMm, circleMm)) {
    return {
      ok: false,
      message: `Chord: ${formatMm(parsed.valueMm)} would need a notch circle of ${formatMm(circleMm)}, wider than the ${formatMm(limitMm)} case. Measure between notches ${skip} apart.`,
    }
  }
  return { ok: true, circleMm }
}
