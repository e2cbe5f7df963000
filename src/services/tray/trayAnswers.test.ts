import { jest } from '@jest/globals'
import type { PGlite } from '@electric-sql/pglite'
import { eq, getTableName } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { owners, readings, trays } from '@/data/schema'
import { chooseSchool } from './chooseSchool'
import { finished } from '../../../tests/stores/handedBack'
import { noteFinding } from './noteFinding'
import { recordOff } from './partsTrail'
import { takeOut } from './takeOut'
import { takeReading } from './takeReading'
import { tickTray } from './tickTray'
import { QUESTIONS } from './trayAnswers'
import type { Changed } from './trayChange'
import { trayByItsNumber } from './trayPages'
import { watchWrites } from '@/data/watchWrites'
import { weighPast } from './weighPast'

const NOW = new Date('2026-11-24T10:00:00Z')
const SIBLINGS = `case_sheet_id = (select case_sheet_id from trays where number = 214) and number <> 214`

let store: Store
/** A handle of its own remembers nothing of what this one read. */
const otherProcess = () => new Proxy(store.db, {})
beforeAll(async () => {
  const [embedded] = testStores()
  if (!embedded) throw new Error('no store to test with')
  store = await embedded.openDemo()
}, 240_000)
afterAll(() => store.close())

describe('what is asked of trays', () => {
  it.each(Object.entries(QUESTIONS))('names every table %s is read from', async (_, { from, ask }) => {
    const engine = (store.db as unknown as { $client: PGlite }).$client
    const asked = jest.spyOn(engine, 'query')
    await ask(store.db, { trayIds: [1, 2, 3], sheetIds: [1, 2] })
    const sql = asked.mock.calls.map(([text]) => text).join('\n')
    asked.mockRestore()
    const read = new Set([...sql.matchAll(/(?:from|join) "(\w+)"/g)].map(([, table]) => table))
    expect(read).toEqual(new Set(from.map(getTableName)))
  })

  it('shows after each change what a page opened anew shows', async () => {
    const { tray, instruments } = await openBrokenTray(store.db, 'Answers', NOW)
    const trayId = tray.id
    const bore = { dimension: 'bore', placeIndex: 0, text: '30.95', source: 'typed', confirmed: false }
    const strap = { part: 'strap', count: 1, size: '', clockHour: null, photo: null }
    const changes: [string, () => Promise<Changed | { readonly ok: false }>][] = [
      ['a reading', () => takeReading(store.db, { trayId, instrumentId: instruments[0]?.id, ...bore }, NOW)],
      ['a tick', () => tickTray(store.db, { trayId, subject: 'step:photograph', done: true }, NOW)],
      [
        'a note',
        () => noteFinding(store.db, { trayId, kind: 'other', words: 'rust at 4', stage: 'measure' }, NOW),
      ],
      ['a part off', () => recordOff(store.db, { trayId, ...strap }, NOW)],
      [
        'a school',
        () => chooseSchool(store.db, { trayId, school: 'hands-and-fragments', option: 'hands-off' }, NOW),
      ],
      ['the past left out', () => weighPast(store.db, { trayId, pastCounts: false }, NOW)],
      ['a part taken out', () => takeOut(store.db, { trayId, kind: 'bezel', partId: 1 }, NOW)],
      ['a stage', () => finished(store.db, trayId, 'measure', NOW)],
    ]
    for (const [what, change] of changes) {
      const outcome = await change()
      if (!outcome.ok) throw new Error(`${what}: ${JSON.stringify(outcome)}`)
      expect([what, outcome.view]).toEqual([what, await trayByItsNumber(otherProcess(), tray.number)])
    }
  })
})

describe('what is remembered of a tray', () => {
  const questionsAsked = async (open: () => Promise<unknown>) => {
    const engine = (store.db as unknown as { $client: PGlite }).$client
    const asked = jest.spyOn(engine, 'query')
    await open()
    const count = asked.mock.calls.length
    asked.mockRestore()
    return count
  }

  it('is not asked again while nobody changes it', async () => {
    const open = () => trayByItsNumber(store.db, 214)
    expect(await questionsAsked(open)).toBeGreaterThan(Object.keys(QUESTIONS).length)
    // Its stamp, that of the drawers, and of the tray its piece was last handed back from; the shop’s days.
    expect(await questionsAsked(open)).toBe(4)
  })

  it.each([
    ['tray', `update trays set revision = revision + 1 where number = 214`],
    ['sheet', `update trays set revision = revision + 1 where ${SIBLINGS}`],
    ...['crystals', 'gaskets', 'o_rings', 'bezels', 'inserts', 'chapter_rings', 'dies', 'supplies'].map(
      (table) => ['parts', `update ${table} set quantity = quantity`] as const,
    ),
    ['shop', `update instruments set name = name where id = 1`],
    [
      'shop',
      `insert into instrument_checks (instrument_id, nominal_mm, readings_mm, drift_mm, verdict, corrected, checked_at)
       select id, 10, '[10]', 0, 'within', false, now() from instruments where id = 1`,
    ],
    ['shop', `update presses set name = name where id = 1`],
    [
      'shop',
      `insert into shop_settings (id, level_bar_mm) values (1, 100) on conflict (id) do update set level_bar_mm = 100`,
    ],
    ['shop', `update shop_settings set level_bar_mm = level_bar_mm`],
    ['shop', `update method_runs set ended_at = now() where ended_at is null`],
  ] as const)('is asked anew as far as it rests on the %s when there was “%s”', async (base, write) => {
    const open = () => trayByItsNumber(store.db, 214)
    await open()
    await otherProcess().execute(write)
    const rests = Object.values(QUESTIONS).filter(({ restsOn }) => restsOn.some((b) => b === base))
    expect(await questionsAsked(open)).toBeGreaterThanOrEqual(2 + rests.length)
  })

  it.each([
    [
      'sheet',
      `update case_sheets set maker = maker || '!' where id = (select case_sheet_id from trays where number = 214)`,
    ],
    [
      'owner',
      `update owners set name = name || '!' where id = (select owner_id from trays where number = 214)`,
    ],
  ])('has its %s as it is now', async (_, write) => {
    const before = await trayByItsNumber(store.db, 214)
    await otherProcess().execute(write)
    const after = await trayByItsNumber(store.db, 214)
    expect(after).not.toEqual(before)
    expect(after).toEqual(await trayByItsNumber(otherProcess(), 214))
  })

  it('is what another process wrote meanwhile', async () => {
    const { tray, instruments } = await openBrokenTray(store.db, 'Elsewhere', NOW)
    await trayByItsNumber(store.db, tray.number)
    const bore = { dimension: 'bore', placeIndex: 0, text: '30.95', source: 'typed', confirmed: false }
    const sent = { trayId: tray.id, instrumentId: instruments[0]?.id, ...bore }
    const outcome = await takeReading(otherProcess(), sent, NOW)
    if (!outcome.ok) throw new Error(JSON.stringify(outcome))
    expect(await trayByItsNumber(store.db, tray.number)).toEqual(outcome.view)
  })

  it.each([
    [
      'another tray of the sheet',
      `with claimed as (update trays set revision = revision + 1 where ${SIBLINGS} returning id)
       insert into press_runs
         (tray_id, pick_id, press_id, pusher_id, support_id, cushion, quarter_turns, outcome, note, ran_at)
         select tray_id, pick_id, press_id, pusher_id, support_id, cushion, 9, 'home', note, ran_at + interval '1 day'
         from press_runs join claimed on claimed.id = tray_id order by ran_at desc limit 1`,
    ],
    ['a part that went in', `update crystals set code = code || '!'`],
    ['a die', `update dies set code = code || '!'`],
    ['a press', `update presses set name = name || '!'`],
  ])('is read anew of the past when %s was written', async (_, write) => {
    const before = await trayByItsNumber(store.db, 214)
    await otherProcess().execute(write)
    const after = await trayByItsNumber(store.db, 214)
    expect(after?.lastTime).not.toEqual(before?.lastTime)
    expect(after).toEqual(await trayByItsNumber(otherProcess(), 214))
  })
})

describe('a watched handle', () => {
  it('remembers which tables were written through it, and nothing of what was read', async () => {
    const { db, written } = watchWrites(store.db)
    await db.select().from(trays).limit(1)
    expect(written.anyOf([trays, readings])).toBe(false)
    await db.update(owners).set({ kind: 'fleet' }).where(eq(owners.id, 1))
    expect(written.anyOf([trays, readings])).toBe(false)
    expect(written.anyOf([trays, owners])).toBe(true)
  })

  it('takes everything for written after a statement nobody can read tables from', async () => {
    const { db, written } = watchWrites(store.db)
    await db.execute('select 1')
    expect(written.anyOf([readings])).toBe(true)
  })
})
