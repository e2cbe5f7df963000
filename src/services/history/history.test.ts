import { sql } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { readBore } from '../../../tests/stores/readBore'
import { testStores } from '../../../tests/stores/testStores'
import { actWords } from '@/core/history/actWords'
import { recordKind } from '@/core/history/recordKinds'
import type { Store } from '@/data/client'
import { tableNames } from '@/data/queries/changes'
import { allPresses } from '@/data/queries/tools'
import { ACTIONS } from '../actions'
import { doneBy } from '../doneBy'
import { checkInstrument } from '../instruments/checkInstrument'
import { saveRecord } from '../shop/records'
import { saveShopPolicy } from '../shop/shopPolicy'
import { saveShopZone } from '../shop/shopTimes'
import { correctIntake } from '../tray/correctIntake'
import { takeBackReading } from '../tray/takeReading'
import { underKey } from '../sentOnce'
import type { TrayView } from '../tray/trayView'
import { historyPage } from './historyPage'

const NOW = new Date('2026-11-24T10:00:00Z')

/** Kept by Whyalon for itself: nobody's records. */
const NO_RECORDS = ['changes', 'import_mappings', 'sent_changes', 'sum_checks', 'table_sums']
/** Actions that only look. */
const LOOKS = [
  'assortment',
  'backUpNow',
  'compareUpgrades',
  'judgeChoice',
  'photoGaugeSettings',
  'ringSamples',
  'showTray',
]

describe.each(testStores())('the history, on $name', ({ openDemo }) => {
  let store: Store
  let made = 0
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const as = <T>(by: string | null, doing: string, work: () => Promise<T>) => doneBy({ by, doing }, work)
  const newTray = () => openBrokenTray(store.db, `Told ${++made}`, NOW)
  const read = (view: TrayView, text: string) => readBore(store.db, view, text, NOW)
  const told = async (asked: Record<string, string>) => (await historyPage(store.db, asked))?.acts ?? []
  const ofTray = ({ tray }: TrayView) => told({ tray: String(tray.number) })

  it('is kept of every table of records, and every table has words', async () => {
    const found = await store.db.execute(
      sql`SELECT relname AS name FROM pg_trigger JOIN pg_class ON pg_class.oid = tgrelid WHERE tgname LIKE 'history_of_%'`,
    )
    const { rows } = found as { rows: { name: string }[] }
    const records = tableNames().filter((name) => !NO_RECORDS.includes(name))
    for (const name of records) {
      expect([name, rows.filter((row) => row.name === name)]).toEqual([name, [{ name }, { name }, { name }]])
      expect([name, recordKind(name)?.one]).toEqual([name, expect.any(String)])
    }
    expect(rows).toHaveLength(3 * records.length)
  })

  it('has words for every action that changes something', () => {
    const dumb = Object.keys(ACTIONS).filter((name) => actWords(name) === null)
    expect(dumb.sort()).toEqual(LOOKS)
  })

  it('says who read what, took it back and why, the newest first', async () => {
    const view = await newTray()
    const first = await as('EB', 'takeReading', () => read(view, '30.95'))
    if (!first.ok) throw new Error('refused')
    const readingId = first.view.readings.at(-1)?.id
    await as('MR', 'takeBackReading', () =>
      takeBackReading(store.db, { trayId: view.tray.id, readingId, reason: 'jaw slipped' }, NOW),
    )
    const [last, before, opened] = await ofTray(view)
    expect(last).toMatchObject({ by: 'MR', did: 'Reading taken back' })
    expect(last?.lines).toEqual([{ one: null, names: ['jaw slipped'], values: [] }])
    expect(before).toMatchObject({
      by: 'EB',
      did: 'Reading taken',
      lines: [{ names: ['Case bore, 12–6: 30.95 mm'] }],
    })
    // A program opened it.
    expect(opened).toMatchObject({ by: null, did: null })
  })

  it('keeps what was there before a correction', async () => {
    const view = await newTray()
    const fields = {
      owner: 'Bram Hollis',
      dueAt: '2026-12-02T16:00:00.000Z',
      asked: 'crystal',
      crystalState: 'shattered',
      classBar: 5,
      use: 'everyday',
      gasketPresent: true,
      oldLume: true,
    }
    const done = await as('EB', 'correctIntake', () =>
      correctIntake(store.db, { trayId: view.tray.id, fields }, NOW),
    )
    expect(done.ok).toBe(true)
    const [act] = await ofTray(view)
    const line = act?.lines.find(({ one }) => one === 'Tray')
    expect(line?.values).toEqual(
      expect.arrayContaining([
        { label: 'Owner', was: 'Tove Rask', now: 'Bram Hollis' },
        { label: 'Old luminous paint on dial or hands', was: 'no', now: 'yes' },
        { label: 'Due', was: '1 Dec 2026 16:00', now: '2 Dec 2026 16:00' },
      ]),
    )
    expect(line?.values).toHaveLength(3)
  })

  it('keeps nothing of what was refused, and of what is sent twice only the first', async () => {
    const view = await newTray()
    const before = (await ofTray(view)).length
    await as('EB', 'takeReading', () => read(view, '3095'))
    expect(await ofTray(view)).toHaveLength(before)
    const key = '00000000-0000-4000-8000-00000000abcd'
    for (let n = 0; n < 2; n++) await as('EB', 'takeReading', () => underKey(key, () => read(view, '30.95')))
    expect(await ofTray(view)).toHaveLength(before + 1)
  })

  it('gives each of two benches its own, at once, and nobody’s to nobody', async () => {
    const [mine, theirs, unsaid] = [await newTray(), await newTray(), await newTray()]
    await Promise.all([
      as('EB', 'takeReading', () => read(mine, '30.95')),
      as('MR', 'takeReading', () => read(theirs, '30.96')),
      as(null, 'takeReading', () => read(unsaid, '30.97')),
    ])
    const by = async (view: TrayView) => (await ofTray(view))[0]?.by
    expect([await by(mine), await by(theirs), await by(unsaid)]).toEqual(['EB', 'MR', null])
    await read(mine, '30.96')
    expect(await by(mine)).toBeNull()
  })

  it('tells of sheets, parts, instruments and limits, each where it is asked for', async () => {
    const save = (kind: string, id: number, fields: object) =>
      as('EB', 'saveRecord', () => saveRecord(store.db, { kind, id, fields }, NOW))
    const [lever] = await allPresses(store.db)
    if (!lever) throw new Error('no press')
    const { id: pressId, ...press } = lever
    expect((await save('press', pressId, { ...press, name: 'Lever press by the door' })).ok).toBe(true)
    await as('EB', 'saveShopPolicy', () => saveShopPolicy(store.db, { fields: { crazeStrain: '1.5' } }, NOW))
    await as('MR', 'saveShopZone', () => saveShopZone(store.db, { zone: 'Asia/Tokyo' }, NOW))
    const [zone, policy, renamed] = await told({ shop: '' })
    expect(renamed?.lines).toEqual([
      {
        one: 'Press',
        names: ['Lever press by the door'],
        values: [{ label: expect.any(String) as string, was: press.name, now: 'Lever press by the door' }],
      },
    ])
    // The first thing the shop ever set.
    expect(policy).toMatchObject({ by: 'EB', did: 'Limits set' })
    expect(zone).toMatchObject({
      by: 'MR',
      lines: [{ values: [{ label: 'Time zone', was: null, now: 'Asia/Tokyo' }] }],
    })
    await as('MR', 'saveShopZone', () => saveShopZone(store.db, { zone: 'UTC' }, NOW))

    const line = {
      name: 'Gasket grease',
      code: 'S-9',
      drawer: 'A',
      quantity: '3',
      minimum: '0',
      priceCents: '4.00',
    }
    const added = await as('EB', 'saveRecord', () =>
      saveRecord(store.db, { kind: 'supply', id: null, fields: line }, NOW),
    )
    expect(added).toEqual({ ok: true })
    const found = (await store.db.execute(sql`SELECT id FROM supplies WHERE code = 'S-9'`)) as {
      rows: { id: number }[]
    }
    const id = found.rows[0]?.id ?? 0
    expect((await save('supply', id, { ...line, quantity: '2' })).ok).toBe(true)
    const [counted, first] = await told({ part: 'supply', id: String(id) })
    expect(counted?.lines.map(({ one }) => one)).toEqual(['Supply', 'Count in the drawer'])
    expect(counted?.lines[0]?.values).toEqual([{ label: expect.any(String) as string, was: '3', now: '2' }])
    expect(first?.lines.map(({ one, names }) => [one, names])).toEqual([
      ['Supply', ['S-9']],
      ['Count in the drawer', ['S-9, +3, first count, 3 left']],
    ])
  })

  it('names the instrument that was checked', async () => {
    await as('EB', 'checkInstrument', () =>
      checkInstrument(
        store.db,
        { instrumentId: 1, nominal: '10', readings: ['10.00'], correct: false, sure: false },
        NOW,
      ),
    )
    const [act] = await told({ shop: '' })
    expect(act).toMatchObject({
      by: 'EB',
      did: 'Instrument checked',
      lines: [{ one: null, names: [expect.stringMatching(/, within$/)] }],
    })
  })

  it('cannot be altered, not even by a program', async () => {
    await expect(store.db.execute(sql`UPDATE changes SET by = 'MR'`)).rejects.toThrow()
    await expect(store.db.execute(sql`DELETE FROM changes`)).rejects.toThrow()
  })

  it('holds no picture and no secret', async () => {
    await as('EB', 'makeBridgeToken', () => ACTIONS.makeBridgeToken(store.db, {}, NOW))
    await as('EB', 'withdrawBridgeToken', () => ACTIONS.withdrawBridgeToken(store.db, {}, NOW))
    const { rows } = (await store.db.execute(sql`SELECT was, now FROM changes`)) as {
      rows: object[]
    }
    expect(JSON.stringify(rows)).not.toMatch(/bytes|token_hash/)
    const [act] = await told({ shop: '' })
    expect(act).toMatchObject({
      did: 'Bridge token withdrawn',
      lines: [{ values: [{ label: 'Bridge token made', now: null }] }],
    })
  })

  it.each([
    { tray: '99999' },
    { tray: 'x' },
    { tray: '-1' },
    { sheet: '99999' },
    { part: 'constructor', id: '1' },
    { part: 'crystal' },
    { part: 'crystal', id: '99999999' },
  ])('is nobody’s where there is no such thing: %j', async (asked) => {
    expect(await historyPage(store.db, asked)).toBeNull()
  })

  it('shows the newest, says that there is more, and where', async () => {
    const page = await historyPage(store.db, {})
    expect(page?.older).toBe('/history?most=600')
    expect(page?.acts.length).toBeGreaterThan(0)
    const all = await historyPage(store.db, { most: '999999999' })
    expect(all?.acts.length).toBeGreaterThan(page?.acts.length ?? 0)
    expect(all?.older).toBeNull()
    const list = all?.acts.find(({ more }) => more > 100)
    expect(list?.lines.flatMap(({ names }) => names).length).toBeLessThan(20)
  })
})
