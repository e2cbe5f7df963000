import fc from 'fast-check'
import { formNear, HOSTILE, inputsNear } from '../../tests/fuzz/hostile'
import { testStores } from '../../tests/stores/testStores'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { CONSTRUCTION_FIELDS, IDENTITY_FIELDS } from '@/core/records/constructionFields'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS } from '@/core/records/toolFields'
import type { Db, Store } from '@/data/client'
import { ACTIONS } from './actions'
import { findParts } from './drawers/drawersPage'
import { importParts, mappingFor } from './drawers/importParts'
import { labels } from './drawers/labels'
import { orderCsv } from './drawers/orders'
import { simulatedLine } from './instruments/simulatedLine'
import { takeCaseSheetJson } from './sheets/exchangeSheets'
import { takeReadingsCsv } from './tray/exchangeReadings'
import { findTrays } from './tray/trayPages'

const NOW = new Date('2026-11-24T10:00:00Z')
/** Of each; `WHYALON_FUZZ_RUNS` asks for more. */
const RUNS = Number(process.env.WHYALON_FUZZ_RUNS ?? 40)

const id = fc.integer({ min: 1, max: 60 })

/** Records by their kinds, each near what its own form asks for. */
const FORMS: Readonly<Record<string, fc.Arbitrary<unknown>>> = {
  ...Object.fromEntries(PART_KINDS.map((kind) => [kind, formNear(PARTS[kind].fields)])),
  'case-sheet': formNear(CASE_SHEET_FIELDS),
  instrument: formNear(INSTRUMENT_FIELDS),
  press: formNear(PRESS_FIELDS),
}

/** What comes in forms has no schema of its own. */
const IN_FORMS: Readonly<Record<string, fc.Arbitrary<unknown>>> = {
  saveRecord: fc
    .constantFrom(...Object.keys(FORMS))
    .chain((kind) =>
      fc.record({ kind: fc.constant(kind), id: fc.option(id), fields: FORMS[kind] ?? HOSTILE }),
    ),
  openTray: fc.oneof(
    fc.record({ caseSheetId: fc.oneof(id, HOSTILE), fields: formNear(TRAY_FIELDS) }),
    fc.record({
      newSheet: formNear([...IDENTITY_FIELDS, ...CONSTRUCTION_FIELDS]),
      fields: formNear(TRAY_FIELDS),
    }),
  ),
  correctIntake: fc.record({ trayId: fc.oneof(id, HOSTILE), fields: formNear(TRAY_FIELDS) }),
}

type Asked = (db: Db, input: unknown) => Promise<unknown>

/** What is asked for by an address or a file, not by an action. */
const ROUTES: Readonly<Record<string, Asked>> = {
  findParts,
  findTrays,
  labels,
  mappingFor,
  simulatedLine,
  orderCsv: (_, input) => Promise.resolve(orderCsv(input)),
}

/** Files as they come: a few lines, some of them what is asked for. */
const CELL = fc.oneof(
  fc.constantFrom('code', 'diameter', 'Dia', '30.02', '31', 'C-300', 'flat', '"', '""', '=1+1'),
  HOSTILE.map(asText),
)
const SEPARATOR = fc.constantFrom(',', ';', '\t', '\n', '\r\n')
const TEXT = fc
  .array(fc.tuple(CELL, SEPARATOR), { maxLength: 30 })
  .map((cells) => cells.map(([cell, separator]) => cell + separator).join(''))

function asText(value: unknown): string {
  return typeof value === 'string' ? value : (JSON.stringify(value) ?? '')
}

const LIST = fc.record({
  text: TEXT,
  reading: fc.oneof(
    HOSTILE,
    fc.record({
      kind: fc.constantFrom(...PART_KINDS),
      supplier: fc.constantFrom('Lorne', 'a\u0000b', 'constructor'),
      mapping: fc.dictionary(
        fc.constantFrom('code', 'diameter', 'Dia', '__proto__', 'constructor'),
        fc.record({ field: fc.constantFrom('code', 'diameterMm', 'constructor'), unit: fc.constant('mm') }),
      ),
    }),
  ),
})

/** A refusal names what is wrong, in a sentence. */
function expectAnswered(answer: unknown): void {
  if (typeof answer !== 'object' || answer === null || !('ok' in answer) || answer.ok !== false) return
  const errors = Object.values('errors' in answer && answer.errors ? answer.errors : {})
  expect(errors.length).toBeGreaterThan(0)
  for (const error of errors) expect(String(error)).toMatch(/\S/)
}

describe('whatever is sent is answered, and never breaks the server', () => {
  let store: Store
  beforeAll(async () => {
    const [onPglite] = testStores()
    if (!onPglite) throw new Error('no store')
    store = await onPglite.openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const holds = (input: fc.Arbitrary<unknown>, asked: Asked) =>
    fc.assert(
      fc.asyncProperty(input, async (sent) => expectAnswered(await asked(store.db, sent))),
      { numRuns: RUNS, endOnFailure: true },
    )

  test.each(Object.entries(ACTIONS))(
    '%s',
    async (name, action) => {
      const given = IN_FORMS[name] ?? (action.schema ? inputsNear(action.schema) : HOSTILE)
      await holds(fc.oneof({ weight: 5, arbitrary: given }, { weight: 1, arbitrary: HOSTILE }), (db, sent) =>
        action(db, sent, NOW),
      )
    },
    120_000,
  )

  test.each(Object.entries(ROUTES))(
    '%s',
    async (_, route) => {
      const query = fc.record(
        { q: HOSTILE, kind: fc.oneof(fc.constantFrom(...PART_KINDS), HOSTILE), page: HOSTILE, sort: HOSTILE },
        { requiredKeys: [] },
      )
      await holds(fc.oneof(query, HOSTILE), route)
    },
    120_000,
  )

  test(
    'importParts',
    () =>
      holds(LIST, (db, sent) => importParts(db, sent as { text: string; reading: unknown }, NOW, () => true)),
    120_000,
  )

  test(
    'files',
    () =>
      holds(fc.oneof(TEXT, fc.json()), async (db, sent) => {
        expectAnswered(await takeCaseSheetJson(db, sent as string, NOW))
        return takeReadingsCsv(db, 1, sent as string, NOW)
      }),
    120_000,
  )
})
