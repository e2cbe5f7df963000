import { PARTS } from '../parts/parts'
import { CASE_SHEET_FIELDS } from './caseSheetFields'
import { checkField } from './checkRecord'
import type { Field } from './Field'
import { PRESS_RUN_FIELDS, TRAY_FIELDS } from './jobFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from './toolFields'

function field(fields: readonly Field[], name: string): Field {
  const found = fields.find((f) => f.name === name)
  if (!found) throw new Error(name)
  return found
}
const message = (...args: Parameters<typeof checkField>) => {
  const check = checkField(...args)
  return check.ok ? 'accepted' : check.message
}

describe('checkField', () => {
  it('reads a length with point or comma, within its limits', () => {
    const diameter = field(PARTS.crystal.fields, 'diameterMm')
    expect(checkField(diameter, '30,02')).toEqual({ ok: true, value: 30.02 })
    expect(message(diameter, '300')).toBe(
      'Diameter: 300 mm is outside 8.00–60.00 mm. Check it and type it again.',
    )
    expect(message(diameter, 'thirty')).toMatch(/“thirty” is not a figure in mm/)
    expect(message(diameter, '')).toBe('Diameter is missing: fill it in.')
  })

  it('names the unit of a force', () => {
    expect(message(field(PRESS_RUN_FIELDS, 'peakForceN'), '9999')).toMatch(/9999 N is outside 1.00–5000.00 N/)
  })

  it('takes an empty field that may be empty', () => {
    expect(checkField(field(CASE_SHEET_FIELDS, 'boreMm'), ' ')).toEqual({ ok: true, value: null })
    expect(checkField(field(CASE_SHEET_FIELDS, 'note'), null)).toEqual({ ok: true, value: '' })
  })

  it('takes only whole counts', () => {
    const quantity = field(PARTS.gasket.fields, 'quantity')
    expect(checkField(quantity, '12')).toEqual({ ok: true, value: 12 })
    expect(message(quantity, '1.5')).toMatch(/not a whole number/)
    expect(message(quantity, '-1')).toMatch(/not a whole number/)
    expect(message(quantity, '10000')).toMatch(/outside 0–9999/)
  })

  it('takes only the words offered', () => {
    expect(message(field(PARTS.die.fields, 'material'), 'marble')).toMatch(/not one of nylon, acetal/)
    expect(checkField(field(PRESS_FIELDS, 'kind'), 'lever')).toEqual({ ok: true, value: 'lever' })
  })

  it('reads dates, flags and bounded text', () => {
    expect(message(field(INSTRUMENT_FIELDS, 'calibrationDueOn'), '24.11.2026')).toMatch(
      /Write it as 2026-11-24/,
    )
    expect(checkField(field(TRAY_FIELDS, 'oldLume'), 'on')).toEqual({ ok: true, value: true })
    expect(checkField(field(TRAY_FIELDS, 'oldLume'), null)).toEqual({ ok: true, value: false })
    for (const odd of ['yes', 'no', 1, '1'])
      expect(message(field(TRAY_FIELDS, 'oldLume'), odd)).toMatch(
        /neither ticked nor not\. Send true or false/,
      )
    expect(message(field(INSTRUMENT_FIELDS, 'calibrationDueOn'), '2027-02-30')).toMatch(/no day|not a day/)
    expect(message(field(TRAY_FIELDS, 'dueAt'), '10000-01-01T10:00')).toMatch(/not a date and time/)
    expect(message(field(TRAY_FIELDS, 'complaint'), 'x'.repeat(501))).toMatch(/501 characters; at most 500/)
    expect(message(field(TRAY_FIELDS, 'dueAt'), 'soon')).toMatch(/not a date and time/)
  })

  it('shows a limit below a hundredth as it is', () => {
    expect(message(field(INSTRUMENT_FIELDS, 'resolutionMm'), '0.00001')).toMatch(/outside 0.0001–0.10 mm/)
  })
})
