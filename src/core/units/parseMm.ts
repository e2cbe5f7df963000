export type ParsedMm =
  | { ok: true; valueMm: number; decimals: number }
  | { ok: false; code: 'empty' | 'not-a-number' | 'wrong-unit'; text: string }

const PLAIN_NUMBER = /^([+-]?)(\d{0,6})(?:[.,](\d{0,6}))?\s*(mm|MM)?$/
const OTHER_UNIT = /(in|inch|"|cm|µm|um|mil)\s*$/i

/**
 * Reads a length a person types or an instrument sends.
 * Takes a point or a comma as the decimal mark, a sign and an optional `mm`; takes no thousands mark and no exponent.
 * @returns the value in mm with the decimals given, or why the text is not one
 * @example parseMm('30,02') // { ok: true, valueMm: 30.02, decimals: 2 }
 */
export function parseMm(text: string): ParsedMm {
  const trimmed = text.trim()
  if (trimmed === '') return { ok: false, code: 'empty', text }
  const match = PLAIN_NUMBER.exec(trimmed)
  if (!match) return { ok: false, code: OTHER_UNIT.test(trimmed) ? 'wrong-unit' : 'not-a-number', text }
  const [, sign = '', whole = '', fraction = ''] = match
  if (whole === '' && fraction === '') return { ok: false, code: 'not-a-number', text }
  return { ok: true, valueMm: Number(`${sign}${whole || '0'}.${fraction || '0'}`), decimals: fraction.length }
}
