import { CASE_SHEET_FIELDS } from './caseSheetFields'
import { CASE_SHEET_GROUPS, inGroups } from './caseSheetGroups'

describe('CASE_SHEET_GROUPS', () => {
  it('asks for everything a case sheet holds, each once', () => {
    expect(CASE_SHEET_GROUPS.flatMap(({ names }) => names).toSorted()).toEqual(
      CASE_SHEET_FIELDS.map(({ name }) => name).toSorted(),
    )
  })
})

describe('inGroups', () => {
  it('keeps the order of the groups and leaves empty ones out', () => {
    const groups = [
      { title: 'A', names: ['two', 'one'] },
      { title: 'B', names: ['three'] },
    ]
    const [one, two] = [{ name: 'one' }, { name: 'two' }]
    expect(inGroups(groups, [one, two])).toEqual([{ title: 'A', fields: [two, one] }])
  })
})
