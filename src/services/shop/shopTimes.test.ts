import { eq } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { instruments, trays } from '@/data/schema'
import { benchView } from '../bench/benchView'
import { startShop } from './startShop'
import { saveShopZone, shopTime, USUAL_TIME } from './shopTimes'

/** Trays are opened before they are due. */
const BEFORE = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('the shop’s days on $name', ({ open }) => {
  let store: Store
  beforeAll(async () => {
    store = await open()
    await startShop(store.db)
  }, 120_000)
  afterAll(() => store.close())

  it('are this machine’s until somebody chooses, and refuse what is no time zone', async () => {
    const { db } = store
    expect(await shopTime(db)).toEqual(USUAL_TIME)
    for (const zone of ['Lisbon', '', 'Europe/Nowhere', '\u0000', 7, null])
      expect(await saveShopZone(db, { zone }, new Date())).toMatchObject({ ok: false })
    const answer = await saveShopZone(db, { zone: 'Lisbon' }, new Date())
    expect(!answer.ok && answer.errors['zone']).toMatch(/“Lisbon” is none\. Choose one of the list/)
    expect(await shopTime(db)).toEqual(USUAL_TIME)
  })

  it.each([
    // It is 23:30 on 28 March in UTC, an hour before Lisbon's clocks were put forward that day; due is at 22:30 and 00:30.
    ['UTC', 1, false],
    ['Europe/Lisbon', 1, true],
    ['America/Los_Angeles', 2, false],
    ['Asia/Tokyo', 2, true],
    ['Asia/Kathmandu', 2, true],
  ] as const)('in %s say what is due today and which calibration is overdue', async (zone, due, overdue) => {
    const { db } = store
    const now = new Date('2027-03-28T23:30:00Z')
    await db.delete(trays)
    for (const dueAt of ['2027-03-28T22:30:00Z', '2027-03-29T00:30:00Z']) {
      const { tray } = await openBrokenTray(db, `${zone} ${dueAt}`, BEFORE)
      await db
        .update(trays)
        .set({ dueAt: new Date(dueAt) })
        .where(eq(trays.id, tray.id))
    }
    await db.update(instruments).set({ calibrationDueOn: '2027-03-28' })
    expect(await saveShopZone(db, { zone }, now)).toEqual({ ok: true })
    const view = await benchView(db, now)
    expect(view.dueToday).toBe(due)
    expect(view.instrumentsDue.length > 0).toBe(overdue)
  })
})
