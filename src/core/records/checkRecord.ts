import { isDate, isDateTime } from '../units/calendar'
import { formatMm } from '../units/formatMm'
import { moneyText } from '../units/moneyText'
import { parseMm } from '../units/parseMm'
import type { Field } from './Field'
import { manyOf, TICKED } from './Field'

/** What a field may hold after checking: figures as numbers, choices and text as text, empty as null. */
export type FieldValue = string | number | boolean | null
/** Sentences by field name. */
export type FieldErrors = Readonly<Record<string, string>>

export type FieldCheck = { ok: true; value: FieldValue } | { ok: false; message: string }

const WHOLE_NUMBER = /^\d{1,9}$/
const MONEY = /^(\d{1,7})(?:[.,](\d{1,2}))?$/
/** How a tick comes from a form, a file or a program; left out it is none. */
const UNTICKED: readonly unknown[] = [false, 'false', '', null, undefined]

/**
 * Reads what a person left in one field.
 * @param raw - text, or a ready value from another program
 * @returns the typed value, or a sentence naming field, value, limit and what to do
 */
export function checkField(field: Field, raw: string | number | boolean | null | undefined): FieldCheck {
  if (field.kind === 'flag') return checkFlag(field, raw)
  const text = raw === null || raw === undefined ? '' : String(raw).trim()
  if (text === '') {
    if (field.required) return wrong(`${field.label} is missing: fill it in.`)
    return { ok: true, value: field.kind === 'text' || field.kind === 'many' ? '' : null }
  }
  switch (field.kind) {
    case 'figure':
      return checkLength(field, text)
    case 'count':
      return checkCount(field, text)
    case 'money':
      return checkMoney(field, text)
    case 'choice':
      return field.options.some((o) => o.value === text)
        ? { ok: true, value: text }
        : wrong(
            `${field.label}: “${short(text)}” is not one of ${field.options.map((o) => o.label).join(', ')}.`,
          )
    case 'many':
      return checkMany(field, text)
    case 'text':
      return text.length <= field.mostLength
        ? { ok: true, value: text }
        : wrong(`${field.label} has ${text.length} characters; at most ${field.mostLength}. Shorten it.`)
    case 'date':
      return isDate(text)
        ? { ok: true, value: text }
        : wrong(`${field.label}: “${short(text)}” is not a day of the calendar. Write it as 2026-11-24.`)
    case 'date-time':
      return isDateTime(text)
        ? { ok: true, value: text }
        : wrong(`${field.label}: “${short(text)}” is not a date and time of the calendar. Choose one.`)
  }
}

function checkFlag(field: Extract<Field, { kind: 'flag' }>, raw: unknown): FieldCheck {
  const said = typeof raw === 'string' ? raw.trim() : raw
  if (TICKED.includes(said)) return { ok: true, value: true }
  if (UNTICKED.includes(said)) return { ok: true, value: false }
  return wrong(`${field.label}: “${short(String(said))}” is neither ticked nor not. Send true or false.`)
}

function checkLength(field: Extract<Field, { kind: 'figure' }>, text: string): FieldCheck {
  const unit = field.unit ?? 'mm'
  const parsed = parseMm(text)
  if (!parsed.ok)
    return wrong(`${field.label}: “${short(text)}” is not a figure in ${unit}. Type it as 30.02.`)
  const { valueMm } = parsed
  if (valueMm < field.leastMm || valueMm > field.mostMm) {
    const limit = (mm: number) => (Math.abs(mm) < 0.01 && mm !== 0 ? String(mm) : formatMm(mm))
    return wrong(
      `${field.label}: ${short(text)} ${unit} is outside ${limit(field.leastMm)}–${limit(field.mostMm)} ${unit}. Check it and type it again.`,
    )
  }
  return { ok: true, value: valueMm }
}

function checkMany(field: Extract<Field, { kind: 'many' }>, text: string): FieldCheck {
  const chosen = manyOf(text)
  const stranger = chosen.find((value) => !field.options.some((o) => o.value === value))
  if (stranger !== undefined) {
    return wrong(
      `${field.label}: “${short(stranger)}” is not one of ${field.options.map((o) => o.label).join(', ')}.`,
    )
  }
  return { ok: true, value: [...new Set(chosen)].join(',') }
}

function checkCount(field: Extract<Field, { kind: 'count' }>, text: string): FieldCheck {
  if (!WHOLE_NUMBER.test(text)) return wrong(`${field.label}: “${short(text)}” is not a whole number.`)
  const value = Number(text)
  return value >= field.least && value <= field.most
    ? { ok: true, value }
    : wrong(`${field.label}: ${value} is outside ${field.least}–${field.most}.`)
}

function checkMoney(field: Extract<Field, { kind: 'money' }>, text: string): FieldCheck {
  const [, whole, part = ''] = MONEY.exec(text) ?? []
  if (whole === undefined)
    return wrong(`${field.label}: “${short(text)}” is not an amount of money. Type it as 6.90.`)
  // Digit by digit: 0.29 × 100 is not 29.
  const hundredths = Number(whole) * 100 + Number(part.padEnd(2, '0'))
  return hundredths <= field.most
    ? { ok: true, value: hundredths }
    : wrong(
        `${field.label}: ${short(text)} is more than ${moneyText(field.most)}. Check it and type it again.`,
      )
}

function wrong(message: string): FieldCheck {
  return { ok: false, message }
}

function short(text: string): string {
  return text.length > 20 ? `${text.slice(0, 20)}…` : text
}
