import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { seededRandom } from '@/devices/seededRandom'
import type { OrderedFault } from '@/devices/simulated-press/orderedScene'
import { orderedScene } from '@/devices/simulated-press/orderedScene'
import { simulatedRun } from '@/devices/simulated-press/simulatedRun'
import { pointsOf, rowOf } from '@/core/press-run/PressTrace'
import { readPress } from '@/core/press-run/readPress'
import { soonerHome } from '@/core/press-run/soonerHome'
import { changeShopSettings } from '@/data/queries/shopSettings'
import { passPoints, pressFeedOf } from '../instruments/pressFeeds'
import { simulatedLine } from '../instruments/simulatedLine'
import { logPressRun } from './logPressRun'
import { envelopeOf, traceFile, traceView } from './pressTraces'
import { pressedTrays } from '@/data/queries/pressedTrays'
import { trayByItsNumber } from './trayPages'

/** Of the demo: picked, not pressed yet; some twenty pieces of its case were pressed before under the press with a cell. */
const AT_THE_PRESS = 212
const NOW = new Date('2026-11-24T10:00:00Z')

function rows(fault: OrderedFault, caseSeed = 4) {
  const random = seededRandom(3)
  const { scene, nuisances } = orderedScene({ fault, press: 'screw', slideN: 160, caseSeed }, random)
  return simulatedRun(scene, nuisances, random).points.map(rowOf)
}

describe.each(testStores())('runs of a press with a cell, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  async function log(trace: unknown, fields: object = { outcome: 'home', quarterTurns: 0 }) {
    const view = await trayByItsNumber(store.db, AT_THE_PRESS)
    if (!view?.press?.pusher?.ok || !view.press.support?.ok) throw new Error('no press card')
    const run = {
      trayId: view.tray.id,
      pressId: view.presses.find(({ gauged }) => gauged)?.id,
      pusherId: view.press.pusher.best.die.id,
      supportId: view.press.support.best.die.id,
      fields,
      trace,
    }
    return logPressRun(store.db, run, NOW)
  }

  it('are kept whole, read, and come back as they were and as a file', async () => {
    const points = rows('none')
    const logged = await log({ source: 'simulated', points })
    if (!logged.ok) throw new Error(JSON.stringify(logged))
    const [run] = logged.view.press?.runs ?? []
    expect(run).toMatchObject({ verdict: 'good', hasTrace: true })
    expect(run?.peakForceN).toBeGreaterThan(160)
    const kept = await traceView(store.db, run?.id ?? 0)
    expect(kept?.points).toEqual(points)
    expect(kept?.reading?.verdict).toBe('good')
    const file = await traceFile(store.db, run?.id ?? 0)
    expect(file?.text.trim().split('\n')).toHaveLength(points.length + 1)
    expect(await traceView(store.db, 999_999)).toBeNull()
  })

  it('are kept as far as they came in order, with why they end there', async () => {
    const sound = rows('none')
    const points = sound.map((row, i) => (i === 60 ? [row[0], -9, row[2]] : row))
    const logged = await log({ source: 'bridge', points })
    if (!logged.ok) throw new Error(JSON.stringify(logged))
    const kept = await traceView(store.db, logged.view.press?.runs[0]?.id ?? 0)
    expect(kept?.points).toHaveLength(60)
    expect(kept?.trouble).toMatch(/Reading 61: travel -?−?9\.00 mm lies under zero/)
  })

  it('are refused where they are no readings, and nothing is stored', async () => {
    expect(await log({ source: 'elsewhere', points: [] })).toMatchObject({ ok: false })
    expect(await log({ source: 'bridge', points: [[1, 2]] })).toMatchObject({ ok: false })
    expect((await trayByItsNumber(store.db, AT_THE_PRESS))?.press?.runs).toEqual([])
  })

  const runsOfLeans = async () => (await pressedTrays(store.db)).flatMap(({ runs }) => runs).length

  it('of a simulated cell count in a made-up world alone: else they are not logged, and teach nothing', async () => {
    const before = await trayByItsNumber(store.db, AT_THE_PRESS)
    expect((await envelopeOf(store.db, before?.tray.id ?? 0))?.runs).toBeGreaterThan(10)
    expect(before?.press?.force?.runs).toBeGreaterThan(10)
    const withCells = await runsOfLeans()
    await changeShopSettings(store.db, { invented: false })
    const points = rows('none')
    const refused = await log({ source: 'simulated', points })
    expect(!refused.ok && refused.errors['trace']).toMatch(/Simulated cell: nothing was pressed by it/)
    const own = await trayByItsNumber(store.db, AT_THE_PRESS)
    expect(own?.simulatedCounts).toBe(false)
    expect(own?.press?.runs).toEqual([])
    expect((await envelopeOf(store.db, own?.tray.id ?? 0))?.runs).toBe(0)
    // Only what a hand logged is left, which told no force.
    expect(own?.press?.force).toMatchObject({ runs: 0, kindRuns: 0 })
    expect(await runsOfLeans()).toBeLessThan(withCells)
    expect((await log({ source: 'bridge', points })).ok).toBe(true)
  })

  it('onto a speck are home sooner than good ones, and the rim stands higher where it lies', async () => {
    const view = await trayByItsNumber(store.db, AT_THE_PRESS)
    if (!view) throw new Error('not there')
    const envelope = await envelopeOf(store.db, view.tray.id)
    const soonerOf = (fault: OrderedFault) => {
      const points = pointsOf(rows(fault, view.sheet.id))
      return soonerHome(readPress(points, view.pressRunPolicy), envelope)
    }
    expect(soonerOf('none')).toBeNull()
    const soonerMm = soonerOf('dirt')?.mm ?? 0
    expect(soonerMm).toBeGreaterThan(0.06)
    expect((await log({ source: 'simulated', points: rows('dirt', view.sheet.id) })).ok).toBe(true)
    const heights: number[] = []
    for (const placeIndex of [0, 1, 2, 3]) {
      const at = { trayId: view.tray.id, dimension: 'rim-height', placeIndex }
      const line = await simulatedLine(store.db, at)
      heights.push(Number(line.ok && /\d+\.\d+/.exec(line.line)?.[0]))
    }
    // Opposite places lie as far over and under the middle: what is left is the speck, at one of them.
    const [at12 = 0, at3 = 0, at6 = 0, at9 = 0] = heights
    expect(Math.abs(at12 + at6 - at3 - at9)).toBeGreaterThan(soonerMm - 0.04)
  })

  it('that read as cracked are logged as home only with what was seen instead', async () => {
    const points = rows('cracked')
    const trace = { source: 'bridge', points }
    const refused = await log(trace)
    expect(!refused.ok && refused.errors['note']).toMatch(/the run reads as cracked/)
    const note = 'the support slipped; edge whole under the lamp'
    expect((await log(trace, { outcome: 'home', quarterTurns: 0, note })).ok).toBe(true)
  })

  it('of other trays of the case make the envelope behind the next one', async () => {
    const view = await trayByItsNumber(store.db, AT_THE_PRESS)
    const envelope = await envelopeOf(store.db, view?.tray.id ?? 0)
    expect(envelope?.runs).toBeGreaterThan(20)
    expect(envelope?.points.every(({ leastN, mostN }) => leastN <= mostN)).toBe(true)
    expect(envelope?.homeMm).toBeGreaterThan(0.3)
    expect(await envelopeOf(store.db, 999_999)).toBeNull()
  })

  it('come from a press that has a cell, and from no other', async () => {
    const view = await trayByItsNumber(store.db, AT_THE_PRESS)
    const presses = view?.presses ?? []
    const asked = (pressId: number | undefined) => ({ source: 'bridge', trayId: view?.tray.id, pressId })
    const plain = presses.find(({ gauged }) => !gauged)?.id
    const gauged = presses.find((press) => press.gauged)?.id ?? 0
    expect(await pressFeedOf(store.db, asked(plain))).toMatchObject({ ok: false })
    expect(await pressFeedOf(store.db, { ...asked(gauged), source: 'hearsay' })).toMatchObject({ ok: false })
    const feed = await pressFeedOf(store.db, asked(gauged))
    if (!feed.ok) throw new Error(JSON.stringify(feed))
    const heard: number[] = []
    const stop = feed.feed.listen({
      onPoints: (points) => heard.push(...points.map(({ forceN }) => forceN)),
      onEnd: () => undefined,
      onTrouble: () => undefined,
    })
    expect(await passPoints(store.db, gauged, { points: [[0, 0, 1.5]] })).toEqual({ ok: true, heard: 1 })
    stop()
    expect(await passPoints(store.db, gauged, { points: [[25, 0, 2]] })).toEqual({ ok: true, heard: 0 })
    expect(heard).toEqual([1.5])
    expect(await passPoints(store.db, gauged, { points: [] })).toMatchObject({ ok: false })
  })
})
