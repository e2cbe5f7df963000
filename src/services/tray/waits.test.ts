import { leadTo } from '../../../tests/stores/leadTo'
import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import { OWN_ID } from '@/core/own-parts/OwnPart'
import { benchView } from '../bench/benchView'
import { leaveOut } from './leaveOut'
import { logPressRun } from './logPressRun'
import { pickPair } from './pickPair'
import { tickTray } from './tickTray'
import { trayByItsNumber } from './trayPages'

const NOW = new Date('2026-11-24T10:00:00Z')
const after = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000)
const DOTS = 'wait:ring-fix'

describe.each(testStores())('waits, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  it('run from their step, hold up the press, and are over by the clock and a word', async () => {
    const before = await trayByItsNumber(store.db, 235)
    if (!before) throw new Error('tray 235 is not there')
    const trayId = before.tray.id
    const subject = before.job.procedure.steps.find(
      ({ stage, waitMinutes }) => stage === 'press-in' && waitMinutes > 0,
    )
    expect(subject).toMatchObject({ id: DOTS.slice('wait:'.length), waitMinutes: 30 })
    const pair = { trayId, crystalId: OWN_ID, gasketId: OWN_ID }
    const picked = await pickPair(store.db, pair, NOW)
    if (!picked.ok) throw new Error(JSON.stringify(picked))
    expect(await tickTray(store.db, { trayId, subject: DOTS, done: true }, NOW)).toMatchObject({
      ok: false,
      errors: { subject: 'This wait was not begun: tick its step first.' },
    })
    const ticked = await tickTray(store.db, { trayId, subject: `step:${subject?.id}`, done: true }, NOW)
    expect(ticked.ok && ticked.view.job.waits).toMatchObject([{ endsAt: after(30).toISOString() }])

    const { press } = picked.view
    if (!press?.pusher?.ok || !press.support?.ok) throw new Error('no dies')
    const run = {
      trayId,
      pressId: picked.view.presses[0]?.id,
      pusherId: press.pusher.best.die.id,
      supportId: press.support.best.die.id,
      fields: { outcome: 'home', quarterTurns: 4 },
    }
    if (!ticked.ok) throw new Error(JSON.stringify(ticked))
    await leadTo(store.db, ticked.view, 'crystal-in', NOW)
    expect(await logPressRun(store.db, run, after(12))).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/^Not pressed yet: .*, 18 min left\. Wait, or/) as string },
    })
    expect(await tickTray(store.db, { trayId, subject: DOTS, done: true }, after(12))).toMatchObject({
      ok: false,
      errors: { subject: expect.stringMatching(/18 min left\. Wait, or cut it short/) as string },
    })
    const bench = await benchView(store.db, after(12))
    expect(bench.trays.find(({ number }) => number === 235)?.waits).toHaveLength(1)

    // Cut short for a reason, and that taken back.
    expect(await leaveOut(store.db, { trayId, subject: DOTS, reason: 'light' }, after(13))).toMatchObject({
      ok: true,
    })
    const short = await trayByItsNumber(store.db, 235)
    expect(short?.job.waits).toMatchObject([{ cutShort: 'light' }])
    const again = await leaveOut(store.db, { trayId, subject: DOTS, reason: null }, after(14))
    expect(again.ok && again.view.job.waits).toMatchObject([{ cutShort: null }])

    expect(await logPressRun(store.db, run, after(30))).toMatchObject({ ok: true })
    const over = await tickTray(store.db, { trayId, subject: DOTS, done: true }, after(31))
    expect(over.ok && over.view.job.waits).toEqual([])
    const ticks = over.ok ? over.view.job.ticks : {}
    expect(ticks[DOTS]).toBe(after(31).toISOString())
  })
})
