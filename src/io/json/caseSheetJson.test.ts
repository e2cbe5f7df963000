import { caseSheet } from '../../../tests/factories/caseSheet'
import fs from 'node:fs'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import {
  CASE_SHEET_SCHEMA_PATH,
  caseSheetSchema,
  readCaseSheetJson,
  writeCaseSheetJson,
} from './caseSheetJson'

const SHEET = caseSheet({
  maker: 'Vessalin',
  reference: 'Evening',
  boreMm: 28.74,
  twoPartBack: false,
  pusherHours: '2,4',
  note: '“thin” lugs',
  id: 7,
})
const message = (text: string) => {
  const outcome = readCaseSheetJson(text)
  return outcome.ok ? 'accepted' : outcome.message
}

describe('a case sheet as JSON', () => {
  it('loses no field on the way out and in, and keeps the shop’s own number out', () => {
    const outcome = readCaseSheetJson(writeCaseSheetJson(SHEET))
    if (!outcome.ok) throw new Error(outcome.message)
    expect(outcome.sheets[0]).toMatchObject({
      maker: 'Vessalin',
      boreMm: 28.74,
      twoPartBack: false,
      note: '“thin” lugs',
    })
    expect(Object.keys(outcome.sheets[0] ?? {}).sort()).toEqual(CASE_SHEET_FIELDS.map((f) => f.name).sort())
  })

  it('says what a file is not', () => {
    expect(message('not json')).toMatch(/not JSON/)
    expect(message('{"format":"other"}')).toMatch(/no case sheet/)
    expect(message('[]')).toMatch(/no case sheet/)
    expect(message('{"format":"whyalon-case-sheet","formatVersion":9}')).toMatch(
      /version 9; this Whyalon reads version 1/,
    )
    expect(message('{"format":"whyalon-case-sheet","formatVersion":1}')).toMatch(/“sheet” is missing/)
    expect(message('{"format":"whyalon-case-sheet","formatVersion":1,"sheet":{"maker":{"a":1}}}')).toMatch(
      /“maker” holds more/,
    )
  })

  it('has its published schema made from the same fields', () => {
    const published: unknown = JSON.parse(fs.readFileSync(`public${CASE_SHEET_SCHEMA_PATH}`, 'utf8'))
    expect(published).toEqual(JSON.parse(JSON.stringify(caseSheetSchema())))
  })
})
