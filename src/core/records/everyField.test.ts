import { PART_KINDS, PARTS } from '../parts/parts'
import fc from 'fast-check'
import { formatMm } from '../units/formatMm'
import { CASE_SHEET_FIELDS } from './caseSheetFields'
import type { FieldCheck } from './checkRecord'
import { checkField } from './checkRecord'
import type { Field, FigureField } from './Field'
import { conditionsOf, WHEN_TICKED } from './Field'
import { fieldText } from './fieldText'
import { PRESS_RUN_FIELDS, TRAY_FIELDS } from './jobFields'
import { PAPER_FIELDS } from './paperFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from './toolFields'

const RECORDS: Readonly<Record<string, readonly Field[]>> = {
  'case sheet': CASE_SHEET_FIELDS,
  tray: TRAY_FIELDS,
  'press run': PRESS_RUN_FIELDS,
  instrument: INSTRUMENT_FIELDS,
  press: PRESS_FIELDS,
  paper: PAPER_FIELDS,
  ...Object.fromEntries(PART_KINDS.map((kind) => [kind, PARTS[kind].fields])),
}
const EVERY_FIELD = Object.values(RECORDS).flat()

function ofKind<K extends Field['kind']>(kind: K): Extract<Field, { kind: K }>[] {
  return EVERY_FIELD.filter((field): field is Extract<Field, { kind: K }> => field.kind === kind)
}

function sentence(check: FieldCheck): string {
  if (check.ok) throw new Error(`accepted ${String(check.value)}`)
  return check.message
}

describe.each(Object.entries(RECORDS))('fields of a %s', (_, fields) => {
  const named = new Map(fields.map((field) => [field.name, field]))

  it('are named and labelled once each, without dots, which forms take for paths', () => {
    expect(named.size).toBe(fields.length)
    expect(new Set(fields.map(({ label }) => label)).size).toBe(fields.length)
    expect(fields.filter(({ name }) => !/^[a-z][A-Za-z0-9]*$/.test(name))).toEqual([])
  })

  it('that wait for another wait for one that is there and can hold what they wait for', () => {
    for (const field of fields) {
      for (const { field: waitedFor, isOneOf } of conditionsOf(field)) {
        const other = named.get(waitedFor)
        if (other?.kind === 'flag') {
          expect(isOneOf).toEqual([WHEN_TICKED])
          continue
        }
        if (other?.kind !== 'choice') throw new Error(`${field.name} waits for ${waitedFor}`)
        expect(other.options.map(({ value }) => value)).toEqual(expect.arrayContaining([...isOneOf]))
      }
    }
  })

  it('say so by their label when they are required and empty', () => {
    for (const field of fields) {
      const empty = checkField(field, '  ')
      if ('required' in field && field.required) {
        expect(sentence(empty)).toBe(`${field.label} is missing: fill it in.`)
      } else {
        expect(empty.ok).toBe(true)
      }
    }
  })
})

describe('every field in millimetres, newtons or per cent', () => {
  const fields = ofKind('figure')
  const within = ({ leastMm, mostMm }: FigureField) => fc.double({ min: leastMm, max: mostMm, noNaN: true })

  it('has room between its limits', () => {
    expect(fields.length).toBeGreaterThan(60)
    expect(fields.filter(({ leastMm, mostMm }) => !(leastMm < mostMm))).toEqual([])
  })

  it('takes any figure within them, with point or comma, with or without mm', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...fields).chain((field) => fc.tuple(fc.constant(field), within(field))),
        fc.boolean(),
        ([field, value], comma) => {
          const text = value.toFixed(4)
          const typed = Number(text)
          fc.pre(typed >= field.leastMm && typed <= field.mostMm)
          const read = checkField(field, comma ? text.replace('.', ',') : ` ${text} mm`)
          expect(read).toEqual({ ok: true, value: typed })
        },
      ),
      { numRuns: 500 },
    )
  })

  it('takes its limits themselves and refuses what lies just outside, naming label, figure and limits', () => {
    for (const field of fields) {
      expect(checkField(field, String(field.leastMm))).toMatchObject({ ok: true })
      expect(checkField(field, String(field.mostMm))).toMatchObject({ ok: true })
      for (const outside of [field.leastMm - 0.001, field.mostMm + 0.001]) {
        const text = outside.toFixed(4)
        const said = sentence(checkField(field, text))
        expect(said).toContain(`${field.label}: ${text} ${field.unit ?? 'mm'} is outside `)
        expect(said).toContain(`–${formatMm(field.mostMm)} `)
        expect(said).toMatch(/Check it and type it again\.$/)
      }
    }
  })

  it.each(['thirty', '1.2.3', '1 000', '1e3', 'NaN', 'Infinity', '½', '0x1f', '--3'])(
    'does not take “%s”',
    (text) => {
      for (const field of fields) expect(sentence(checkField(field, text))).toMatch(/is not a figure in/)
    },
  )
})

describe('every count', () => {
  it('takes what lies within its limits and nothing broken, signed or beyond', () => {
    for (const field of ofKind('count')) {
      expect(checkField(field, String(field.least))).toEqual({ ok: true, value: field.least })
      expect(checkField(field, field.most)).toEqual({ ok: true, value: field.most })
      expect(sentence(checkField(field, field.most + 1))).toBe(
        `${field.label}: ${field.most + 1} is outside ${field.least}–${field.most}.`,
      )
      for (const text of ['2.5', '2,5', '-2', '+2', 'two', '1e2'])
        expect(sentence(checkField(field, text))).toMatch(/is not a whole number/)
    }
  })
})

describe('every amount of money', () => {
  it('is typed in whole units, kept in hundredths, and reads as it was typed', () => {
    for (const field of ofKind('money')) {
      fc.assert(
        fc.property(fc.integer({ min: 0, max: field.most }), (hundredths) => {
          const text = fieldText(field, hundredths) ?? ''
          expect(text).toMatch(/^\d+\.\d\d$/)
          expect(checkField(field, text)).toEqual({ ok: true, value: hundredths })
          expect(checkField(field, text.replace('.', ','))).toEqual({ ok: true, value: hundredths })
        }),
      )
      expect(checkField(field, '7')).toEqual({ ok: true, value: 700 })
      expect(checkField(field, '0.5')).toEqual({ ok: true, value: 50 })
      for (const text of ['-1', '1.234', '1 000', '€7', '7.', '.5', 'dear'])
        expect(sentence(checkField(field, text))).toMatch(/is not an amount of money. Type it as 6.90/)
      expect(sentence(checkField(field, '9999999'))).toMatch(/is more than \d+\.\d\d/)
    }
    expect(ofKind('money').length).toBeGreaterThan(0)
  })
})

describe('every choice', () => {
  const fields = [...ofKind('choice'), ...ofKind('many')]

  it('takes each of its words, says each in other words than another, and refuses strangers', () => {
    for (const field of fields) {
      const labels = field.options.map(({ label }) => label)
      expect(new Set(labels).size).toBe(labels.length)
      for (const { value, label } of field.options) {
        expect(checkField(field, value)).toEqual({ ok: true, value })
        expect(fieldText(field, value)).toBe(label)
      }
      const said = sentence(checkField(field, 'nothing of the kind at all, whatever it is'))
      expect(said).toContain('“nothing of the kind …” is not one of')
      expect(said).toContain(labels[0])
    }
  })

  it('holds no comma in a word of several, which would come back as two', () => {
    for (const field of ofKind('many')) {
      expect(field.options.filter(({ value }) => value.includes(','))).toEqual([])
      const all = field.options.map(({ value }) => value).join(',')
      expect(checkField(field, all)).toEqual({ ok: true, value: all })
    }
  })
})

describe('every text', () => {
  it('is kept as it was typed up to its length, whatever it holds, and never cut', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ofKind('text')), fc.string({ minLength: 1 }), (field, text) => {
        fc.pre(text.trim() !== '' && text.trim().length <= field.mostLength)
        expect(checkField(field, text)).toEqual({ ok: true, value: text.trim() })
      }),
    )
    for (const field of ofKind('text')) {
      const long = 'x'.repeat(field.mostLength + 1)
      expect(sentence(checkField(field, long))).toBe(
        `${field.label} has ${long.length} characters; at most ${field.mostLength}. Shorten it.`,
      )
    }
  })
})
