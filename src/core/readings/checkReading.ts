import { formatMm } from '../units/formatMm'
import { parseReading } from '../units/parseReading'
import type { Dimension } from './Dimension'

export type ReadingCheck =
  /** `note` says what was done to the figure, as that inches were converted; null when nothing was */
  | { outcome: 'accept'; valueMm: number; note: string | null }
  /** unlikely: nothing is stored until the technician answers */
  | { outcome: 'ask'; valueMm: number; suggestionMm: number | null; keepAllowed: boolean; message: string }
  | {
      outcome: 'refuse'
      code: 'empty' | 'not-a-number' | 'wrong-unit' | 'not-positive' | 'out-of-range'
      message: string
    }

/** Slips of the decimal point worth offering back. */
const POINT_SLIPS = [0.1, 10, 0.01, 100] as const

/**
 * Judges one typed or sent reading before it is stored.
 * @param text - as typed or sent
 * @param expected - what earlier readings or the case sheet lead to expect; null when nothing is known
 * @returns accept, ask (with the value probably meant) or refuse (with field, value, limit and what to do)
 */
export function checkReading(
  text: string,
  dimension: Dimension,
  expected: { readonly valueMm: number; readonly because: string | null } | null,
): ReadingCheck {
  const expectedMm = expected?.valueMm ?? null
  const parsed = parseReading(text)
  if (!parsed.ok) return refusal(parsed.code, dimension, text)
  const { valueMm } = parsed
  if (!(valueMm > 0) && dimension.leastMm >= 0) return refusal('not-positive', dimension, text)

  const suggestionMm = slippedPoint(valueMm, dimension, expectedMm)
  const possible = valueMm >= dimension.leastMm && valueMm <= dimension.mostMm
  if (!possible) {
    if (suggestionMm === null) return refusal('out-of-range', dimension, text)
    return {
      outcome: 'ask',
      valueMm,
      suggestionMm,
      keepAllowed: false,
      message: `${dimension.label} ${text.trim()} is outside ${range(dimension)}. Did the point slip? ${formatMm(suggestionMm)} would be likely.`,
    }
  }
  if (expectedMm !== null && Math.abs(valueMm - expectedMm) > dimension.surprisingMm) {
    const meant =
      suggestionMm === null ? '' : ` Did the point slip? ${formatMm(suggestionMm)} would be likely.`
    const because = expected?.because ? ` (${expected.because})` : ''
    return {
      outcome: 'ask',
      valueMm,
      suggestionMm,
      keepAllowed: true,
      message: `${dimension.label} ${formatMm(valueMm)} is ${formatMm(Math.abs(valueMm - expectedMm))} away from the ${formatMm(expectedMm)} expected here${because}.${meant} Keep it only if you have looked twice.`,
    }
  }
  return { outcome: 'accept', valueMm, note: inchNote(parsed.shownInches, valueMm) }
}

function inchNote(shownInches: number | null, valueMm: number): string | null {
  return shownInches === null ? null : `${shownInches} in taken as ${formatMm(valueMm)} mm`
}

function slippedPoint(valueMm: number, dimension: Dimension, expectedMm: number | null): number | null {
  const offers = POINT_SLIPS.map((factor) => Number((valueMm * factor).toFixed(4)))
  const likely = (mm: number) =>
    expectedMm === null
      ? mm >= dimension.leastMm &&
        mm <= dimension.mostMm &&
        !(valueMm >= dimension.leastMm && valueMm <= dimension.mostMm)
      : Math.abs(mm - expectedMm) <= dimension.surprisingMm
  return offers.find(likely) ?? null
}

function range(dimension: Dimension): string {
  return `${formatMm(dimension.leastMm)}–${formatMm(dimension.mostMm)} mm`
}

function refusal(
  code: Extract<ReadingCheck, { outcome: 'refuse' }>['code'],
  dimension: Dimension,
  text: string,
): ReadingCheck {
  const shown = text.trim().slice(0, 20)
  const messages: Record<typeof code, string> = {
    empty: `${dimension.label}: no figure yet. Type it in mm, then Enter.`,
    'not-a-number': `${dimension.label}: “${shown}” is not a length. Type figures with a point or comma, as 30.02.`,
    'wrong-unit': `${dimension.label}: “${shown}” is not in mm. Switch the instrument to mm and read again.`,
    'not-positive': `${dimension.label}: ${shown} mm cannot be; it must be more than 0. Zero the instrument and read again.`,
    'out-of-range': `${dimension.label}: ${shown} mm is outside ${range(dimension)}. Check the dimension asked for and read again.`,
  }
  return { outcome: 'refuse', code, message: messages[code] }
}
