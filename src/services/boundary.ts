import Joi from 'joi'
import type { FieldErrors, FieldValue } from '@/core/records/checkRecord'
import { checkField } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { isShown, narrowedField } from '@/core/records/Field'
import { reasonObjection } from '@/core/records/reason'

/** What a use case answers when the input cannot be taken: sentences by field; `form` is for the whole. */
export interface Refusal {
  readonly ok: false
  readonly errors: FieldErrors
}

export function refuse(message: string, field = 'form'): Refusal {
  return { ok: false, errors: { [field]: message } }
}

/** Ids come from our own screens: whole, positive, and within what the database holds. */
export const idSchema = Joi.number().integer().positive().max(2_147_483_647)

/**
 * Why something is done, in a word or two, see reasonObjection.
 * @param as - what one may look like
 */
export function reasonSchema(as: string): Joi.StringSchema {
  return Joi.string()
    .trim()
    .prefs({ convert: true })
    .custom((text: string, helpers) => {
      const against = reasonObjection(text, as)
      return against === null ? text : helpers.error('reason', { against })
    })
    .messages({ reason: '{{#against}}', 'string.empty': reasonObjection('', as) ?? '' })
}

export type Validated<T> = { ok: true; value: T } | Refusal

/** Checks an input against its schema. Nothing is converted silently and every wrong field is named. */
export function validate<T>(schema: Joi.ObjectSchema<T>, input: unknown): Validated<T> {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) return refuse(NOT_ASKED_FOR)
  const unstorable = unstorableField(input)
  if (unstorable !== null)
    return refuse(`${unstorable}: holds a character that is no text. Type it anew.`, unstorable)
  const result = schema.validate(input, { abortEarly: false, convert: false })
  if (!result.error) return { ok: true, value: result.value }
  // By name in a map: a field can be called “constructor”, which every plain object seems to have already.
  const errors = new Map<string, string>()
  for (const { path, message } of result.error.details) {
    const field = String(path[0] ?? 'form')
    if (!errors.has(field)) errors.set(field, message)
  }
  return { ok: false, errors: Object.fromEntries(errors) }
}

const NOT_ASKED_FOR = 'This is not what is asked for here. Load the page again; nothing was stored.'

/** The field that holds text no database takes (a zero byte) or that no file can keep (half a character); null for none. */
function unstorableField(input: object): string | null {
  for (const [field, given] of Object.entries(input)) {
    const left: unknown[] = [field, given]
    while (left.length > 0) {
      const value = left.pop()
      if (typeof value === 'string' && !isStorable(value)) return isStorable(field) ? field : 'form'
      if (typeof value === 'object' && value !== null)
        for (const inside of Object.entries(value)) left.push(...inside)
    }
  }
  return null
}

/** Half of a pair of code units that stand for one character only together. */
const HALF_CHARACTER = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/

/** True of text that comes back from the database as it was sent. */
export function isStorable(text: string): boolean {
  return !text.includes('\u0000') && !HALF_CHARACTER.test(text)
}

/** Two checks of one form: both values, or the errors of both at once, so that nothing is mended piece by piece. */
export function validateBoth<A, B>(
  first: Validated<A>,
  second: Validated<B>,
): { ok: true; value: readonly [A, B] } | Refusal {
  if (first.ok && second.ok) return { ok: true, value: [first.value, second.value] }
  return { ok: false, errors: { ...(first.ok ? {} : first.errors), ...(second.ok ? {} : second.errors) } }
}

/** An input that carries the values of a form beside its own: both apart, to be checked each by its own. */
export function withFields(input: unknown): { rest: Record<string, unknown>; fields: unknown } {
  const given: Record<string, unknown> = typeof input === 'object' && input !== null ? { ...input } : {}
  const { fields, ...rest } = given
  return { rest, fields }
}

/**
 * Checks a record against the same fields its form is drawn from.
 * A field left out, or not asked because of what another holds, counts as left empty; a field nobody knows is refused.
 */
export function validateRecord(
  fields: readonly Field[],
  input: unknown,
): Validated<Record<string, FieldValue>> {
  const given: Record<string, unknown> = typeof input === 'object' && input !== null ? { ...input } : {}
  const valueOf = (name: string) => given[name]
  const shown = (field: Field) => isShown(field, valueOf)
  const empty = Object.fromEntries(fields.map((field) => [field.name, '']))
  const notAsked = fields.filter((field) => !shown(field))
  const result = validate(
    recordSchema(
      fields.filter(shown).map((field) => narrowedField(field, valueOf)),
      notAsked,
    ),
    { ...empty, ...given },
  )
  if (!result.ok) return result
  return { ok: true, value: { ...result.value, ...emptyValues(notAsked) } }
}

function recordSchema(
  asked: readonly Field[],
  notAsked: readonly Field[],
): Joi.ObjectSchema<Record<string, FieldValue>> {
  return Joi.object<Record<string, FieldValue>>({
    ...Object.fromEntries(
      asked.map((field) => [
        field.name,
        Joi.any().custom((raw: unknown, helpers) => checked(field, raw, helpers)),
      ]),
    ),
    ...Object.fromEntries(notAsked.map((field) => [field.name, Joi.any()])),
  })
}

/** What the database holds for a field that was not asked. */
function emptyValues(fields: readonly Field[]): Record<string, FieldValue> {
  const valueOf = (field: Field): FieldValue => {
    if (field.kind === 'flag') return false
    return field.kind === 'text' || field.kind === 'many' ? '' : null
  }
  return Object.fromEntries(fields.map((field) => [field.name, valueOf(field)]))
}

function checked(field: Field, raw: unknown, helpers: Joi.CustomHelpers): FieldValue | Joi.ErrorReport {
  const plain = typeof raw === 'string' || typeof raw === 'number' || typeof raw === 'boolean' || raw === null
  if (!plain) return helpers.message({ custom: `${field.label}: not a value.` })
  const check = checkField(field, raw)
  // Joi reads braces in a message as its own template.
  return check.ok
    ? check.value
    : helpers.message({ custom: check.message.replaceAll('{', '(').replaceAll('}', ')') })
}
