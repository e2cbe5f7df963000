import { parseMm } from '../units/parseMm'

/** Longest reason, characters: a line of the record. */
export const MOST_REASON = 200

const TWO_LETTERS = /\p{L}.*\p{L}/su
const SHOWN = 20

/**
 * What speaks against a reason, or null. A figure is none: an instrument that sends into an open question, with its
 * Enter, would answer it for nobody.
 * @param as - what one may look like
 */
export function reasonObjection(text: string, as: string): string | null {
  const reason = text.trim()
  const sayWhy = `say in a word why, as “${as}”.`
  if (reason === '') return `Reason is missing: ${sayWhy}`
  if (reason.length > MOST_REASON) return `Reason: at most ${MOST_REASON} characters. Shorten it.`
  if (parseMm(reason).ok) return `Reason: “${reason.slice(0, SHOWN)}” is a figure, not a reason; ${sayWhy}`
  return TWO_LETTERS.test(reason) ? null : `Reason: ${sayWhy}`
}
