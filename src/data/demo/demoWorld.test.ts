import { FAILED_OUTCOMES } from '@/core/press/pressOutcomes'
import { RETENTIONS } from '@/core/construction/kinds'
import { checkField } from '@/core/records/checkRecord'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { Field } from '@/core/records/Field'
import { isShown } from '@/core/records/Field'
import { stageIndex } from '@/core/stages/stages'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { seededRandom } from '@/devices/seededRandom'
import { DEMO_CASE_SHEETS } from './demoCaseSheets'
import { DEMO_BEZELS, DEMO_CHAPTER_RINGS, DEMO_INSERTS } from './demoBezelParts'
import { DEMO_O_RINGS, DEMO_SUPPLIES } from './demoOtherParts'
import { demoCrystals, demoDies, demoGaskets } from './demoStock'
import { DEMO_TRAYS } from './demoTrays'

type Values = Readonly<Record<string, unknown>>

/** What the database fills in where a sheet says nothing. */
const BY_ITSELF = { backSeal: 'o-ring', crownKind: 'push-pull' }
const SHEETS: readonly Values[] = asValues(DEMO_CASE_SHEETS).map((sheet) => ({ ...BY_ITSELF, ...sheet }))

const random = seededRandom(1908)
const DEMO_PARTS: Readonly<Record<PartKind, readonly Values[]>> = {
  crystal: asValues(demoCrystals(random)),
  gasket: asValues(demoGaskets(random)),
  'o-ring': asValues(DEMO_O_RINGS),
  bezel: asValues(DEMO_BEZELS),
  insert: asValues(DEMO_INSERTS),
  'chapter-ring': asValues(DEMO_CHAPTER_RINGS),
  die: asValues(demoDies()),
  supply: asValues(DEMO_SUPPLIES),
}

function asValues(records: readonly object[]): Values[] {
  return records.map((record) => Object.fromEntries(Object.entries(record)))
}

/** Sentences a person would get who typed this record into its form. */
function complaints(fields: readonly Field[], record: Values): string[] {
  return fields
    .filter((field) => isShown(field, (name) => record[name]))
    .flatMap((field) => {
      const value = record[field.name]
      // What the database fills in by itself is not in the demo's own words.
      if (value === undefined) return []
      const check = checkField(field, value as string | number | boolean | null)
      return check.ok ? [] : [`${String(record.code ?? record.reference)}: ${check.message}`]
    })
}

describe('the demo world', () => {
  it.each(PART_KINDS)('has no %s its own form would refuse, and no code twice', (kind) => {
    const parts = DEMO_PARTS[kind]
    expect(parts.flatMap((part) => complaints(PARTS[kind].fields, part))).toEqual([])
    expect(new Set(parts.map(({ code }) => code)).size).toBe(parts.length)
  })

  it('has no case sheet its own form would refuse', () => {
    expect(SHEETS.flatMap((sheet) => complaints(CASE_SHEET_FIELDS, sheet))).toEqual([])
  })

  it('keeps only figures its sheets ask for, so that none lies where nobody sees it', () => {
    const known = new Set(CASE_SHEET_FIELDS.map(({ name }) => name))
    for (const sheet of SHEETS) {
      const unseen = CASE_SHEET_FIELDS.filter(
        (field) =>
          sheet[field.name] !== undefined &&
          sheet[field.name] !== null &&
          !isShown(field, (name) => sheet[name]),
      ).map(({ name }) => `${String(sheet.reference)}: ${name}`)
      expect(unseen).toEqual([])
      expect(Object.keys(sheet).filter((name) => !known.has(name))).toEqual([])
    }
  })

  it('is built as a case can be: crystal inside its bore, bore inside its case, insert inside its recess', () => {
    const pairs: readonly (readonly [smaller: string, larger: string])[] = [
      ['crystalDiameterMm', 'boreMm'],
      ['boreMm', 'caseDiameterMm'],
      ['dialOpeningMm', 'caseDiameterMm'],
      ['insertInnerMm', 'insertOuterMm'],
      ['insertOuterMm', 'recessOuterMm'],
      ['neckOuterMm', 'bezelInnerMm'],
      ['crystalWidthMm', 'rebateWidthMm'],
      ['crystalLengthMm', 'rebateLengthMm'],
      ['crownTubeMm', 'crownBoreMm'],
    ]
    let compared = 0
    for (const sheet of SHEETS) {
      for (const [smaller, larger] of pairs) {
        const [less, more] = [sheet[smaller], sheet[larger]]
        // An acrylic with a tension ring is larger than its bore: that is what holds it.
        if (sheet.retention === 'tension-ring-acrylic' && larger === 'boreMm') continue
        if (typeof less !== 'number' || typeof more !== 'number') continue
        compared++
        if (!(less < more))
          throw new Error(`${String(sheet.reference)}: ${smaller} ${less}, ${larger} ${more}`)
      }
    }
    expect(compared).toBeGreaterThan(40)
  })

  it('has every construction of the trade, and a tray at every stage that stands on a bench', () => {
    expect(new Set(DEMO_CASE_SHEETS.map(({ retention }) => retention))).toEqual(new Set(RETENTIONS))
    expect(new Set(DEMO_TRAYS.map(({ stage }) => stage)).size).toBeGreaterThanOrEqual(8)
  })

  it('has trays whose cases are there, numbered once each, due after they were opened', () => {
    const cases = new Set(DEMO_CASE_SHEETS.map(({ maker, reference }) => `${maker} ${reference}`))
    expect(DEMO_TRAYS.filter(({ caseName }) => !cases.has(caseName))).toEqual([])
    expect(new Set(DEMO_TRAYS.map(({ number }) => number)).size).toBe(DEMO_TRAYS.length)
    for (const { openedDay, dueDay } of DEMO_TRAYS) expect(dueDay).toBeGreaterThanOrEqual(openedDay)
  })

  it('has nothing pressed before its stage, and nothing picked before matching', () => {
    for (const { number, stage, progress } of DEMO_TRAYS) {
      // A crystal that was lost under the press is matched anew.
      const lost = progress.kind === 'pressed' && FAILED_OUTCOMES.includes(progress.outcomes.at(-1) ?? 'home')
      const pressed = lost ? 'match' : 'press-in'
      const least = { opened: 'intake', measured: 'open', picked: 'match', pressed } as const
      expect([number, stageIndex(stage) >= stageIndex(least[progress.kind])]).toEqual([number, true])
    }
  })
})
