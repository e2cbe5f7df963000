import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { seededRandom } from '@/devices/seededRandom'
import { orderedScene } from '@/devices/simulated-press/orderedScene'
import { simulatedRun } from '@/devices/simulated-press/simulatedRun'
import { rowOf } from '@/core/press-run/PressTrace'
import { pressedPage } from '../sheets/pressedPage'
import { logWorkRun } from './logWorkRun'
import { traceView } from './pressTraces'
import { tickTray } from './tickTray'
import { trayByItsNumber } from './trayPages'
import { reportOfTray } from './trayReportPage'

const NOW = new Date('2026-11-24T10:00:00Z')
/** Of the demo: its bezel is off and on its way back on. */
const ALIGNED = 209

describe.each(testStores())('presses of other works, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = async (number = ALIGNED) => {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error('not there')
    return view
  }
  const log = async (over: object, fields: object = {}) =>
    logWorkRun(
      store.db,
      {
        trayId: (await tray()).tray.id,
        work: 'bezel-light',
        pressId: 2,
        fields: { outcome: 'done', quarterTurns: 0, ...fields },
        ...over,
      },
      NOW,
    )
  const workOf = async (work: string) => (await tray()).pressWorks.find((shown) => shown.work === work)

  it('are planned for the job, and one that went well shows its step to be done', async () => {
    const trayId = (await tray()).tray.id
    await tickTray(store.db, { trayId, subject: 'step:bezel-light', done: false }, NOW)
    const before = await tray()
    expect(before.pressWorks.map(({ work }) => work)).toEqual(['push-out', 'bezel-light', 'bezel-final'])
    expect(before.job.ticks['step:bezel-light']).toBeUndefined()
    const uneven = await log({}, { outcome: 'uneven', note: 'higher at 4' })
    expect(uneven.ok && uneven.view.job.ticks['step:bezel-light']).toBeUndefined()
    const logged = await log({}, { peakForceN: '120', note: 'light' })
    if (!logged.ok) throw new Error(JSON.stringify(logged))
    expect(logged.view.job.ticks['step:bezel-light']).toBeDefined()
    expect((await workOf('bezel-light'))?.runs.map(({ outcome }) => outcome)).toEqual(['uneven', 'done'])
    // It is told to whoever reads the report, and counted.
    const report = JSON.stringify(await reportOfTray(store.db, ALIGNED, new Date()))
    expect(report).toContain('Bezel, light fit')
    expect((await pressedPage(store.db)).statistics.runs).toBeGreaterThan(50)
  })

  it('teach what no model knows, after five with a force', async () => {
    for (const [i, force] of [100, 110, 90, 100].entries()) {
      const logged = await log({}, { peakForceN: String(force) })
      expect(logged.ok).toBe(true)
      const shown = await workOf('bezel-light')
      expect(shown?.plan.force).toBeNull()
      expect(shown?.forceRestsOn).toContain(`${i + 1} of 5 logged here`)
    }
    await log({}, { outcome: 'broke', cause: 'force', peakForceN: '900' })
    await log({}, { peakForceN: '100' })
    const shown = await workOf('bezel-light')
    expect(shown?.plan.force).toMatchObject({ mean: 100, runs: 5 })
    expect(shown?.forceRestsOn).toBe('5 runs here')
  })

  it('are refused where the job has no such press, a tool is gone, or the cause is not said', async () => {
    expect(await log({ work: 'insert-in' })).toMatchObject({
      ok: false,
      errors: { work: 'Insert into its seat: this job has no such press.' },
    })
    expect(await log({ work: 'crystal-in' })).toMatchObject({ ok: false })
    expect(await log({ pressId: 99 })).toMatchObject({ ok: false })
    expect(await log({ pusherId: 9_999 })).toMatchObject({ ok: false })
    const broke = await log({}, { outcome: 'broke' })
    expect(!broke.ok && Object.keys(broke.errors)).toEqual(['cause'])
    expect((await workOf('bezel-light'))?.runs).toEqual([])
  })

  it('of a press with a cell are kept whole, and not read as if a crystal went in', async () => {
    const random = seededRandom(3)
    const { scene, nuisances } = orderedScene(
      { fault: 'none', press: 'screw', slideN: 160, caseSeed: 4 },
      random,
    )
    const points = simulatedRun(scene, nuisances, random).points.map(rowOf)
    const logged = await log({ trace: { source: 'bridge', points } })
    if (!logged.ok) throw new Error(JSON.stringify(logged))
    const run = (await workOf('bezel-light'))?.runs[0]
    expect(run).toMatchObject({ verdict: null, slideForceN: null, hasTrace: true, cell: 'bridge' })
    expect(run?.peakForceN).toBeGreaterThan(160)
    const kept = await traceView(store.db, run?.id ?? 0)
    expect(kept?.points).toHaveLength(points.length)
    expect(kept?.reading).toBeNull()
  })
})
