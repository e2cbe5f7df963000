import fs from 'node:fs'
import { getTableName, sql } from 'drizzle-orm'
import { getTableConfig } from 'drizzle-orm/pg-core'
import fc from 'fast-check'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { trayRecordsSchema } from '@/data/exchange/trayRecordsSchema'
import { OF_TRAY, POINTED, pointersOf } from '@/data/exchange/trayTables'
import { tableNames } from '@/data/queries/changes'
import { trays } from '@/data/schema'
import { TRAY_SCHEMA_PATH, traySchema } from '@/io/json/trayJson'
import { takeTrayFile, trayFileOf } from './exchangeTrays'
import { addPhoto } from './photos'
import { trayByItsNumber } from './trayPages'

const NOW = new Date('2026-11-24T10:00:00Z')
/** Of the shop as a whole, or kept by Whyalon for itself. */
const OF_NO_TRAY = [
  'changes',
  'import_mappings',
  'instrument_checks',
  'sent_changes',
  'shop_settings',
  'sum_checks',
  'table_sums',
]

it('knows every table and every pointer between them', () => {
  const known = [trays, ...OF_TRAY, ...POINTED.map(({ table }) => table)]
  expect([...known.map(getTableName), ...OF_NO_TRAY].sort()).toEqual(tableNames().sort())
  for (const table of [trays, ...OF_TRAY]) {
    const { foreignKeys, name } = getTableConfig(table)
    for (const key of foreignKeys) {
      const { columns, foreignTable } = key.reference()
      if (getTableName(foreignTable) === 'trays') continue
      const column = Object.entries(table).find(([, one]) => one === columns[0])?.[0] ?? ''
      expect([name, column, pointersOf(name)[column]?.({})]).toEqual([
        name,
        column,
        getTableName(foreignTable),
      ])
    }
  }
})

it('has its published schema made from the same columns', () => {
  const published: unknown = JSON.parse(fs.readFileSync(`public${TRAY_SCHEMA_PATH}`, 'utf8'))
  expect(published).toEqual(JSON.parse(JSON.stringify(traySchema(trayRecordsSchema()))))
})

describe.each(testStores())('trays of $name', ({ open, openDemo }) => {
  let full: Store
  let empty: Store
  let files: Map<number, string>
  beforeAll(async () => {
    full = await openDemo()
    empty = await open()
    const { rows } = (await full.db.execute(sql`SELECT number FROM trays ORDER BY number`)) as {
      rows: { number: number }[]
    }
    const withPhoto = await trayByItsNumber(full.db, 214)
    if (!withPhoto) throw new Error('not there')
    const bytes = fs.readFileSync('docs/screenshots/bench.png')
    expect(await addPhoto(full.db, withPhoto.tray.id, { bytes, caption: 'as it came' }, NOW)).toMatchObject({
      ok: true,
    })
    files = new Map()
    for (const { number } of rows) files.set(number, (await trayFileOf(full.db, number))?.text ?? '')
  }, 240_000)
  afterAll(async () => {
    await full.close()
    await empty.close()
  })

  it('leave and return without loss: every tray of the demo, readings, runs, pictures and all', async () => {
    expect(files.size).toBeGreaterThan(20)
    // Later ones first, so that no number of a row is by chance the same.
    for (const [number, text] of [...files].reverse())
      expect(await takeTrayFile(empty.db, text)).toEqual({ ok: true, number })
    for (const [number, text] of files) expect((await trayFileOf(empty.db, number))?.text).toBe(text)
    const counts = async ({ db }: Store) =>
      (
        (await db.execute(
          sql`SELECT (SELECT count(*) FROM readings)::int AS readings, (SELECT count(*) FROM press_runs)::int AS runs, (SELECT sum(length(bytes)) FROM photos)::int AS bytes`,
        )) as { rows: unknown[] }
      ).rows
    expect(await counts(empty)).toEqual(await counts(full))
  }, 120_000)

  it('look the same there', async () => {
    for (const number of [205, 209, 214, 230]) {
      const [here, there] = [await trayByItsNumber(full.db, number), await trayByItsNumber(empty.db, number)]
      expect(there?.job.hazards).toEqual(here?.job.hazards)
      expect(there?.readings.map(({ shownMm, dimension }) => [shownMm, dimension])).toEqual(
        here?.readings.map(({ shownMm, dimension }) => [shownMm, dimension]),
      )
    }
  })

  it('come in once: the same file again is refused, and says under which number it is here', async () => {
    const text = files.get(214) ?? ''
    expect(await takeTrayFile(full.db, text)).toMatchObject({
      ok: false,
      errors: { file: expect.stringMatching(/here already, as 214/) as string },
    })
  })

  it('take the next free number where another tray has theirs', async () => {
    const text = (files.get(214) ?? '').replace('"ownerMark": "', '"ownerMark": "another ')
    const taken = await takeTrayFile(full.db, text)
    if (!taken.ok) throw new Error(JSON.stringify(taken))
    expect(taken.number).toBe(Math.max(...files.keys()) + 1)
    expect((await trayFileOf(full.db, taken.number))?.text).toBe(
      text.replace(/"number": 214/, `"number": ${taken.number}`),
    )
  })

  it('of an earlier version are taken, without what is kept since', async () => {
    type Rows = Record<string, unknown>[]
    const early = JSON.parse((files.get(154) ?? '').replace('"ownerMark": "', '"ownerMark": "early ')) as {
      records: Record<string, Rows>
      shop: Record<string, Rows>
    }
    for (const run of early.records['press_runs'] ?? []) {
      delete run['work']
      delete run['cell']
    }
    for (const press of early.shop['presses'] ?? []) delete press['mostForceN']
    const taken = await takeTrayFile(full.db, JSON.stringify(early))
    if (!taken.ok) throw new Error(JSON.stringify(taken))
    const there = await trayByItsNumber(full.db, taken.number)
    expect(there?.press?.runs).toMatchObject([{ outcome: 'home' }])
  })

  const refused = async (change: (document: Record<string, never>) => void): Promise<string> => {
    const document = JSON.parse(files.get(230) ?? '') as Record<string, never>
    change(document)
    const before = await rowsIn(empty)
    const answer = await takeTrayFile(empty.db, JSON.stringify(document))
    expect(await rowsIn(empty)).toEqual(before)
    return answer.ok ? 'taken' : Object.values(answer.errors).join(' ')
  }
  const rowsIn = async ({ db }: Store) =>
    (
      (await db.execute(
        sql`SELECT table_name, sum(rows)::int AS rows FROM table_sums GROUP BY 1 ORDER BY 1`,
      )) as { rows: unknown[] }
    ).rows

  type Lists = Record<string, Record<string, unknown>[]>
  it.each<
    [string, (document: { tray: Record<string, unknown>; records: Lists; shop: Lists }) => void, RegExp]
  >([
    [
      'a number that points to nothing',
      ({ tray }) => (tray['ownerId'] = 7),
      /ownerId 7 points to nothing: there are 1 in “owners”/,
    ],
    ['a part of nothing', ({ tray }) => (tray['__proto__x'] = 1), /“__proto__x” is no part of it/],
    ['a column that is missing', ({ tray }) => delete tray['use'], /use is missing/],
    [
      'a word that is none of ours',
      ({ tray }) => (tray['crystalState'] = 'eaten'),
      /crystalState is none of/,
    ],
    ['a stage that is none', ({ tray }) => (tray['stage'] = 'lunch'), /stage is none of ours/],
    ['a day that is none', ({ tray }) => (tray['dueAt'] = '2027-02-30T10:00:00.000Z'), /dueAt is no time/],
    ['a list that is missing', ({ records }) => delete records['readings'], /the list “readings” is missing/],
    ['a list of ours that is no list', ({ records }) => (records['secrets'] = []), /“secrets” is no list/],
    ['a figure out of its range', ({ records }) => (records['readings']![0]!['shownMm'] = 9999), /not 9999/],
    [
      'a dimension that is none',
      ({ records }) => (records['readings']![0]!['dimension'] = 'toString'),
      /none of ours/,
    ],
    ['a place that is none', ({ records }) => (records['readings']![0]!['placeIndex'] = 77), /no place/],
    [
      'a reading that is no number',
      ({ records }) => (records['readings']![0]!['shownMm'] = '30'),
      /shownMm is no number/,
    ],
    [
      'a sheet that goes against its form',
      ({ shop }) => (shop['case_sheets']![0]!['boreMm'] = 900),
      /case_sheets: .*900/,
    ],
    ['no sheet', ({ shop }) => (shop['case_sheets'] = []), /caseSheetId 1 points to nothing/],
    ['text that no database holds', ({ tray }) => (tray['complaint'] = 'a\u0000'), /no text/],
    [
      'rows without end',
      ({ records }) => (records['findings'] = Array.from({ length: 5001 }, () => ({}))),
      /5001 rows/,
    ],
    [
      'a picture that is none',
      ({ records }) =>
        (records['photos'] = [
          { caption: '', widthPx: 1, heightPx: 1, bytes: 'AAAA', takenAt: '2026-11-24T10:00:00.000Z' },
        ]),
      /not a picture/,
    ],
  ])('are refused with the place named, and nothing is kept: %s', async (_, change, told) => {
    expect(await refused(change as never)).toMatch(told)
  })

  it('are refused where what a pick rested on is not as it is kept', async () => {
    const withPick = [...files.values()].find(
      (text) => (JSON.parse(text) as { records: Lists }).records['picks']?.length,
    )
    const document = JSON.parse(withPick ?? '') as { tray: Record<string, unknown>; records: Lists }
    document.tray['ownerMark'] = 'never seen'
    document.records['picks']![0]!['evidence'] = { formatVersion: 99 }
    const before = await rowsIn(empty)
    const answer = await takeTrayFile(empty.db, JSON.stringify(document))
    expect(answer).toMatchObject({ ok: false })
    expect(await rowsIn(empty)).toEqual(before)
  })

  it('answer whatever a file holds with a sentence', async () => {
    const texts = fc.oneof(
      fc.string(),
      fc.json(),
      fc
        .json()
        .map(
          (inner) =>
            `{"format":"whyalon-tray","formatVersion":1,"tray":${inner},"records":${inner},"shop":{}}`,
        ),
      fc.constantFrom(
        '{"format":"whyalon-tray","formatVersion":2}',
        '[]',
        'null',
        '{"format":"whyalon-tray","formatVersion":1}',
      ),
    )
    await fc.assert(
      fc.asyncProperty(texts, async (text) => {
        expect(await takeTrayFile(empty.db, text)).toMatchObject({
          ok: false,
          errors: { file: expect.any(String) as string },
        })
      }),
      { numRuns: 60 },
    )
  })
})
