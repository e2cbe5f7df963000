import { checkField } from '@/core/records/checkRecord'
import { CONSTRUCTION_FIELDS } from '@/core/records/constructionFields'
import { narrowedField } from '@/core/records/Field'
import { DEMO_CASE_SHEETS } from './demoCaseSheets'

describe('case sheets of the demo world', () => {
  it('hold nothing that contradicts how the crystal is held', () => {
    const narrowed = CONSTRUCTION_FIELDS.filter((field) => field.kind === 'choice' && field.narrowed)
    expect(narrowed.map(({ name }) => name)).toEqual(['crystalMaterial', 'bezelKind'])
    const against = DEMO_CASE_SHEETS.flatMap((sheet) => {
      const values: Readonly<Record<string, unknown>> = { ...sheet }
      return narrowed.flatMap((field) => {
        const value = values[field.name]
        const left = narrowedField(field, (name) => values[name])
        const check = typeof value === 'string' ? checkField(left, value) : null
        return check?.ok === false ? [`${sheet.reference}: ${check.message}`] : []
      })
    })
    expect(against).toEqual([])
  })
})
