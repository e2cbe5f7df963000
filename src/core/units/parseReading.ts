import { parseMm } from './parseMm'
import type { ParsedMm } from './parseMm'

/** Exactly, by the definition of the international inch (1959). */
export const MM_PER_INCH = 25.4

const INCHES = /^([+-]?\s*\d*(?:[.,]\d*)?)\s*(?:in|inch|inches|")\s*$/i

export type ParsedReading =
  | { ok: true; valueMm: number; decimals: number; shownInches: number | null }
  | Extract<ParsedMm, { ok: false }>

/**
 * Reads what a person types or an instrument sends: mm, or inches, which are converted.
 * @returns mm, and the inches shown when that is what they were
 * @example parseReading('1.1811 in') // { ok: true, valueMm: 29.99994, decimals: 4, shownInches: 1.1811 }
 */
export function parseReading(text: string): ParsedReading {
  const inches = INCHES.exec(text.trim())
  if (!inches) {
    const parsed = parseMm(text)
    return parsed.ok ? { ...parsed, shownInches: null } : parsed
  }
  const parsed = parseMm((inches[1] ?? '').replace(/\s+/g, ''))
  if (!parsed.ok) return { ok: false, code: 'not-a-number', text }
  return {
    ok: true,
    valueMm: parsed.valueMm * MM_PER_INCH,
    decimals: parsed.decimals,
    shownInches: parsed.valueMm,
  }
}
