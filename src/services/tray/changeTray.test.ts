import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { handedBack } from '../../../tests/stores/handedBack'
import { testStores } from '../../../tests/stores/testStores'
import type { Db, Store } from '@/data/client'
import { reopeningsOf } from '@/data/queries/reopenings'
import { trayById, traysInHand } from '@/data/queries/trays'
import { ACTIONS } from '../actions'
import { refuse } from '../boundary'
import { changeTray } from './changeTray'
import { finishStage } from './finishStage'
import { openTrayCases } from './openTrayCases'
import { reopenTray } from './reopenTray'
import { takeBackReading, takeReading } from './takeReading'
import { tickTray } from './tickTray'
import { trayByItsNumber } from './trayPages'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')
const LATER = new Date('2026-11-25T10:00:00Z')
const QUESTIONS = ['select', 'selectDistinct', 'selectDistinctOn', 'execute']

/** A handle that counts what it is asked. */
function counting(db: Db): { db: Db; asked: () => number } {
  let asked = 0
  const counted = new Proxy(db, {
    get(target, name) {
      if (QUESTIONS.includes(String(name))) asked++
      return Reflect.get(target, name, target) as unknown
    },
  })
  return { db: counted, asked: () => asked }
}

describe.each(testStores())('reading and changing trays on $name', ({ openDemo }) => {
  let store: Store
  let trays = 0
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const newTray = () => openBrokenTray(store.db, `Change ${++trays}`, NOW)
  const read = (view: TrayView, text = '30.95') =>
    takeReading(
      store.db,
      {
        trayId: view.tray.id,
        dimension: 'bore',
        placeIndex: 0,
        text,
        instrumentId: view.instruments[0]?.id,
        source: 'typed',
        confirmed: false,
      },
      NOW,
    )
  const handBack = (view: TrayView) => handedBack(store.db, view, NOW)
  const refused = (outcome: { ok: boolean; errors?: Readonly<Record<string, string>> }): string => {
    if (outcome.ok || !outcome.errors) throw new Error('it was taken')
    return Object.values(outcome.errors).join(' ')
  }

  it('asks the database as often for every tray in hand as for one', async () => {
    const rows = await traysInHand(store.db)
    expect(rows.length).toBeGreaterThan(10)
    const [one, all] = [counting(store.db), counting(store.db)]
    await openTrayCases(one.db, rows.slice(0, 1))
    const opened = await openTrayCases(all.db, rows)
    expect(opened.map(({ kept }) => kept.tray.id)).toEqual(rows.map(({ tray }) => tray.id))
    // One more only where a bezel lies out for one of them: its line is asked for.
    expect(one.asked()).toBeGreaterThan(10)
    expect(all.asked() - one.asked()).toBeLessThanOrEqual(1)
  })

  it('gives a tray among others the case it has by itself', async () => {
    const rows = await traysInHand(store.db)
    const together = await openTrayCases(store.db, rows)
    for (const opened of together.slice(0, 6)) {
      const view = await trayByItsNumber(store.db, opened.kept.tray.number)
      expect(view?.readout).toEqual(opened.now.readout)
      expect(view?.job.hazards).toEqual(opened.hazards)
      expect(view?.next).toEqual(opened.next)
    }
  })

  it('takes no reading, takes none back and ticks nothing once a tray was handed back', async () => {
    const view = await newTray()
    const taken = await read(view)
    const readingId = taken.ok && taken.view.readings[0]?.id
    expect((await handBack(view)).ok).toBe(true)
    const trayId = view.tray.id
    const tick = { trayId, subject: 'hazard:glass-splinters', done: true }
    for (const outcome of [
      await read(view),
      await takeBackReading(store.db, { trayId, readingId, reason: 'slip' }, NOW),
      await tickTray(store.db, tick, NOW),
      await finishStage(store.db, { trayId, stage: 'measure' }, NOW),
      await handBack(view),
    ])
      expect(refused('ask' in outcome ? { ok: true } : outcome)).toMatch(/handed back/)
  })

  it('is taken in hand again for a reason, and when it was handed back stays on record', async () => {
    const view = await newTray()
    const trayId = view.tray.id
    const reopen = (reason: string) => reopenTray(store.db, { trayId, reason }, LATER)
    expect(refused(await reopen('steamed up again'))).toMatch(/in hand already/)
    await handBack(view)
    expect(refused(await reopen(' '))).toMatch(/Reason is missing/)
    const again = await reopen('steamed up again')
    expect(again.ok && again.view.tray).toMatchObject({ finishedAt: null, stage: 'hand-back' })
    expect((await reopeningsOf(store.db, [trayId])).get(trayId)).toMatchObject([
      { handedBackAt: NOW, reason: 'steamed up again', reopenedAt: LATER },
    ])
    expect((await read(view)).ok).toBe(true)
  })

  it('judges anew what another change came before: one of two at once wins, the other is told', async () => {
    const view = await newTray()
    const taken = await read(view)
    const readingId = taken.ok && taken.view.readings[0]?.id
    const back = { trayId: view.tray.id, readingId, reason: 'jaws tilted' }
    const both = await Promise.all([1, 2].map(() => takeBackReading(store.db, back, NOW)))
    expect(both.filter(({ ok }) => ok)).toHaveLength(1)
    expect(refused(both.find(({ ok }) => !ok) ?? { ok: true })).toMatch(/taken back already/)
    const five = await Promise.all(['30.91', '30.92', '30.93', '30.94'].map((text) => read(view, text)))
    expect(five.every(({ ok }) => ok)).toBe(true)
    const after = await trayByItsNumber(store.db, view.tray.number)
    expect(after?.readings.map(({ shownMm }) => shownMm).sort()).toEqual([30.91, 30.92, 30.93, 30.94, 30.95])
  })

  it('keeps nothing of a change that was refused half way', async () => {
    const { tray } = await newTray()
    const before = await trayById(store.db, tray.id)
    const outcome = await changeTray(store.db, tray.id, async (tx) => {
      await tx.execute(`update trays set complaint = 'half way' where id = ${tray.id}`)
      return refuse('no')
    })
    expect(refused(outcome)).toBe('no')
    expect(await trayById(store.db, tray.id)).toEqual(before)
  })

  it('says that a tray is gone, whatever was asked of it', async () => {
    const gone = await takeBackReading(store.db, { trayId: 999_999, readingId: 1, reason: 'slip' }, NOW)
    expect(refused(gone)).toMatch(/not there any more/)
  })
})

describe('ACTIONS', () => {
  it('refuse what is not of their form before they ask for anything', async () => {
    const nobody = new Proxy({} as Db, {
      get(_, name) {
        throw new Error(`the database was asked for ${String(name)}`)
      },
    })
    for (const [name, run] of Object.entries(ACTIONS)) {
      if (['photoGaugeSettings', 'ringSamples', 'makeBridgeToken', 'withdrawBridgeToken'].includes(name))
        continue
      expect([name, (await run(nobody, { nonsense: 1 }, NOW)).ok]).toEqual([name, false])
      expect([name, (await run(nobody, null, NOW)).ok]).toEqual([name, false])
    }
  })
})
