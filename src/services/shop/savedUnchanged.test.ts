import type { Store } from '@/data/client'
import { allCaseSheets } from '@/data/queries/caseSheets'
import { allBezels, allChapterRings, allDies, allInserts, allORings } from '@/data/queries/otherParts'
import { allCrystals, allGaskets } from '@/data/queries/stock'
import type { Instrument } from '@/data/queries/tools'
import { allInstruments, allPresses } from '@/data/queries/tools'
import { moneyText } from '@/core/units/moneyText'
import { testStores } from '../../../tests/stores/testStores'
import type { RecordKind } from './records'
import { saveRecord } from './records'

const NOW = new Date('2026-11-24T10:00:00Z')

/** Everything a person can open in a form. */
const READ: readonly (readonly [
  RecordKind,
  (store: Store) => Promise<readonly { readonly id: number }[]>,
])[] = [
  ['case-sheet', ({ db }) => allCaseSheets(db)],
  ['crystal', ({ db }) => allCrystals(db)],
  ['gasket', ({ db }) => allGaskets(db)],
  ['o-ring', ({ db }) => allORings(db)],
  ['bezel', ({ db }) => allBezels(db)],
  ['insert', ({ db }) => allInserts(db)],
  ['chapter-ring', ({ db }) => allChapterRings(db)],
  ['die', ({ db }) => allDies(db)],
  ['instrument', async ({ db }) => (await allInstruments(db)).map(asRecord)],
  ['press', ({ db }) => allPresses(db)],
]

describe.each(testStores())('a form saved as it was opened, on $name', ({ openDemo }) => {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  it.each(READ)('%s: is taken and changes nothing', async (kind, read) => {
    const before = await read(store)
    expect(before.length).toBeGreaterThan(1)
    for (const record of before) {
      const saved = await saveRecord(store.db, { kind, id: record.id, fields: asForm(record) }, NOW)
      expect([record, saved]).toEqual([record, { ok: true }])
    }
    const byId = (records: readonly { readonly id: number }[]) =>
      [...records].sort((a, b) => a.id - b.id).map(asForm)
    expect(byId(await read(store))).toEqual(byId(before))
  })

  it.each(READ)(
    '%s: with nothing in it is refused, field by field, and stays as it was',
    async (kind, read) => {
      const [first] = await read(store)
      if (!first) throw new Error(kind)
      const saved = await saveRecord(store.db, { kind, id: first.id, fields: {} }, NOW)
      if (saved.ok) throw new Error('an empty form was taken')
      for (const sentence of Object.values(saved.errors)) expect(sentence).toMatch(/missing: fill it in\.$/)
      expect(Object.keys(saved.errors).length).toBeGreaterThan(0)
      expect((await read(store)).find(({ id }) => id === first.id)).toEqual(first)
    },
  )
})

/** A record as its form sends it back: without what the form does not show. */
/** An instrument's own fields: how its last check went is no field of it. */
function asRecord(instrument: Instrument) {
  const { lastCheck, ...record } = instrument
  expect(lastCheck).toBeNull()
  return record
}

function asForm(record: object): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(record)
      .filter(([name]) => !['id', 'changed', 'createdAt', 'updatedAt'].includes(name))
      .map(([name, value]) => [name, name === 'priceCents' ? moneyText(Number(value)) : (value as unknown)]),
  )
}
