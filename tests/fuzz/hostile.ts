import fc from 'fast-check'
import type Joi from 'joi'
import type { Field } from '@/core/records/Field'

/** Values that have broken programs before, of every kind a message can carry. */
export const HOSTILE: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    undefined,
    null,
    '',
    ' ',
    '\u0000',
    'a\u0000b',
    '\ud800',
    'constructor',
    '__proto__',
    'toString',
    "' or 1=1 --",
    '%',
    '\\',
    '0x1F',
    '1e999',
    '-0',
    '٣',
    'yes',
    '2027-02-30',
    '2027-02-30T10:00',
    '99999-01-01T00:00',
    '0000-00-00T00:00:00Z',
    '+275760-09-13T00:00:00.001Z',
    '2027-03-28T02:30',
    NaN,
    Infinity,
    -0,
    -1,
    0.1,
    1e21,
    2 ** 31,
    2 ** 53,
    true,
    [],
    [[]],
    {},
    { then: 1 },
    { $ne: null },
  ),
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.integer({ min: 1, max: 300 }).map((length) => 'x'.repeat(length * 20)),
  fc.anything({ maxDepth: 2, withBigInt: false }),
)

interface Description {
  readonly type?: string
  readonly allow?: readonly unknown[]
  readonly keys?: Readonly<Record<string, Description>>
  readonly items?: readonly Description[]
  readonly matches?: readonly { readonly schema?: Description }[]
}

/** Inputs near what a schema asks for: most fields plausible, some hostile, some left out, and a few nobody asked for. */
export function inputsNear(schema: Joi.ObjectSchema): fc.Arbitrary<unknown> {
  return near(schema.describe())
}

function near(description: Description): fc.Arbitrary<unknown> {
  const { type, allow = [], keys, items = [], matches = [] } = description
  const named = allow.filter((value) => typeof value !== 'object' || value === null)
  const usual = usualOf(type, keys, items, matches)
  return fc.oneof(
    { weight: 6, arbitrary: named.length > 0 ? fc.oneof(fc.constantFrom(...named), usual) : usual },
    { weight: 1, arbitrary: HOSTILE },
  )
}

function usualOf(
  type: string | undefined,
  keys: Description['keys'],
  items: readonly Description[],
  matches: NonNullable<Description['matches']>,
): fc.Arbitrary<unknown> {
  switch (type) {
    case 'number':
      return fc.oneof(fc.integer({ min: 0, max: 60 }), fc.integer(), fc.double())
    case 'boolean':
      return fc.boolean()
    case 'array':
      return fc.array(items[0] ? near(items[0]) : HOSTILE, { maxLength: 4 })
    case 'object':
      return keys ? withMore(fc.record(mapped(keys, near), { requiredKeys: [] })) : fc.object({ maxDepth: 1 })
    case 'alternatives':
      return fc.oneof(...matches.map(({ schema }) => (schema ? near(schema) : HOSTILE)))
    default:
      return fc.oneof(fc.string({ maxLength: 30 }), fc.constantFrom('30.02', '2026-12-24T16:00'))
  }
}

/** Values of a form near what its fields ask for. */
export function formNear(fields: readonly Field[]): fc.Arbitrary<unknown> {
  const of = (field: Field): fc.Arbitrary<unknown> =>
    fc.oneof({ weight: 8, arbitrary: usualFor(field) }, { weight: 1, arbitrary: HOSTILE })
  return withMore(
    fc.record(Object.fromEntries(fields.map((field) => [field.name, of(field)])), { requiredKeys: [] }),
  )
}

function usualFor(field: Field): fc.Arbitrary<unknown> {
  if ('options' in field && Array.isArray(field.options)) {
    const ids = (field.options as readonly { readonly value?: unknown; readonly id?: unknown }[]).map(
      (option) => option.value ?? option.id ?? option,
    )
    const one = ids.length > 0 ? fc.constantFrom(...ids) : HOSTILE
    return field.kind === 'many' ? fc.array(one, { maxLength: 3 }) : one
  }
  if (field.kind === 'flag') return fc.boolean()
  return fc.oneof(fc.integer({ min: 0, max: 60 }).map(String), fc.string({ minLength: 1, maxLength: 20 }))
}

function withMore(input: fc.Arbitrary<object>): fc.Arbitrary<unknown> {
  const more = fc.dictionary(fc.constantFrom('__proto__', 'constructor', 'id', 'x'), HOSTILE, { maxKeys: 1 })
  return fc
    .tuple(input, fc.oneof({ weight: 8, arbitrary: fc.constant({}) }, { weight: 1, arbitrary: more }))
    .map(([asked, beside]) => ({ ...asked, ...beside }))
}

function mapped<V, W>(record: Readonly<Record<string, V>>, change: (value: V) => W): Record<string, W> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, change(value)]))
}
