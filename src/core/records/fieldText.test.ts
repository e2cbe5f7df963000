import { CASE_SHEET_FIELDS } from './caseSheetFields'
import type { FieldValue } from './checkRecord'
import { fieldText } from './fieldText'

const text = (name: string, value: FieldValue) => {
  const field = CASE_SHEET_FIELDS.find((f) => f.name === name)
  if (!field) throw new Error(name)
  return fieldText(field, value)
}

describe('fieldText', () => {
  it('reads a stored value as a person would say it', () => {
    expect(text('retention', 'tension-gasket')).toBe('glass in a ring gasket')
    expect(text('notchCount', 6)).toBe('6')
    expect(text('crownHour', 4)).toBe('4 o’clock')
    expect(text('pusherHours', '2,4')).toBe('2, 4')
    expect(text('twoPartBack', false)).toBe('no')
    expect(text('boreMm', 30.9)).toBe('30.90')
    expect(text('maker', 'Vessalin')).toBe('Vessalin')
  })

  it('says nothing of what nobody knows', () => {
    expect(text('boreMm', null)).toBeNull()
    expect(text('pusherHours', '')).toBeNull()
  })
})
