import type { ParsedReading } from './parseReading'
import { parseReading } from './parseReading'

export type InstrumentText =
  | Extract<ParsedReading, { ok: true }>
  | { ok: false; reason: 'empty' | 'several-lines' | 'too-long' | 'several-figures' | 'no-figure' | 'unit' }

/** What an instrument sends is short: anything longer is something else. */
const MOST_LINE_LENGTH = 40

/** Why a line was not taken, and what to do about it. */
export const INSTRUMENT_TEXT_WORDS: Readonly<
  Record<Extract<InstrumentText, { ok: false }>['reason'], string>
> = {
  empty: 'Line: empty. Send one figure, as +0030.02 mm.',
  'several-lines': 'Line: more than one. Send each in a request of its own.',
  'too-long': `Line: more than ${MOST_LINE_LENGTH} characters. Send one figure, as +0030.02 mm.`,
  'several-figures': 'Line: more than one figure. Set the instrument to send its reading alone.',
  'no-figure': 'Line: no figure in it. Send one, as +0030.02 mm or 1.1811 in.',
  unit: 'Line: a unit that is neither mm nor in. Set the instrument to mm.',
}

const FRAME = /[\u0000-\u001f\u007f]/g
const LINE_END = /[\r\n]+$/
const FIGURE = /\d+(?:[.,]\d+)?/g
const TAKEN_UNIT = /(?:mm|in|inch|inches|")\s*$/i
const ANY_UNIT = /[a-zµ%°]+\s*$/i

/**
 * Reads one line as instruments with a data plug send it: sign, leading zeros, point or comma, mm or inches, framed by
 * control characters or not.
 * @example instrumentText('+0030.02 mm\r') // { ok: true, valueMm: 30.02, … }
 */
export function instrumentText(line: string): InstrumentText {
  const body = line.replace(LINE_END, '')
  if (/[\r\n]/.test(body)) return { ok: false, reason: 'several-lines' }
  const text = body.replace(FRAME, '').trim()
  if (text === '') return { ok: false, reason: 'empty' }
  if (text.length > MOST_LINE_LENGTH) return { ok: false, reason: 'too-long' }
  const parsed = parseReading(text.replace(/^([+-])\s+/, '$1'))
  if (parsed.ok) return parsed
  const figures = text.match(FIGURE)?.length ?? 0
  if (figures === 0) return { ok: false, reason: 'no-figure' }
  if (figures > 1) return { ok: false, reason: 'several-figures' }
  return { ok: false, reason: ANY_UNIT.test(text) && !TAKEN_UNIT.test(text) ? 'unit' : 'no-figure' }
}
