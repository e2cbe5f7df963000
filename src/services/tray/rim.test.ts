import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { simulatedLine } from '../instruments/simulatedLine'
import { logPressRun } from './logPressRun'
import { takeBackReading, takeReading } from './takeReading'
import { reportOfTray } from './trayReportPage'
import type { TrayView } from './trayView'
import { trayByItsNumber } from './trayPages'

/** Of the demo: picked, not pressed yet. */
const AT_THE_PRESS = 212
const MINUTE_MS = 60_000

describe.each(testStores())('a rim after it was pressed, on $name', ({ openDemo }) => {
  let store: Store
  let now = new Date('2026-11-24T10:00:00Z')
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const later = () => (now = new Date(now.getTime() + MINUTE_MS))

  async function tray(): Promise<TrayView> {
    const view = await trayByItsNumber(store.db, AT_THE_PRESS)
    if (!view) throw new Error('not there')
    return view
  }

  async function logged(over: object = {}): Promise<TrayView> {
    const { tray: header, press, presses } = await tray()
    if (!press?.pusher?.ok || !press.support?.ok) throw new Error('no press card')
    const run = {
      trayId: header.id,
      pressId: presses[0]?.id,
      pusherId: press.pusher.best.die.id,
      supportId: press.support.best.die.id,
      fields: { outcome: 'home', quarterTurns: 0, leftHour: 12, feel: 'right', ...over },
    }
    const result = await logPressRun(store.db, run, later())
    if (!result.ok) throw new Error(JSON.stringify(result.errors))
    return result.view
  }

  async function read(...texts: readonly string[]): Promise<TrayView> {
    let view = await tray()
    for (const text of texts) {
      const next = view.rim?.next[8]
      const instrument = view.instruments.find(({ kind }) => kind === 'dial-indicator')
      if (!next || !instrument) throw new Error('nothing is asked for')
      const input = { trayId: view.tray.id, ...next, text, instrumentId: instrument.id }
      const taken = await takeReading(store.db, { ...input, source: 'typed', confirmed: true }, later())
      if (!taken.ok) throw new Error(JSON.stringify(taken))
      view = taken.view
    }
    return view
  }

  const rimDemand = (view: TrayView) =>
    view.job.stages
      .find(({ stage }) => stage === 'press-in')
      ?.demands.find(({ steps }) => steps.includes('rim-level'))

  it('is asked for only once it was pressed, and says nothing of two places', async () => {
    expect((await tray()).rim).toBeNull()
    const pressed = await logged()
    expect(pressed.rim).toMatchObject({ pass: 1, heights: [], standing: null, limitMm: 0.05 })
    expect(pressed.rim?.next[4]).toEqual({ dimension: 'rim-height', placeIndex: 0 })
    const two = await read('.52', '.44')
    expect(two.rim?.standing).toBeNull()
    expect(rimDemand(two)?.subject).toBe('step:rim-level')
  })

  it('is open while it is read to lean, whatever the eye says, and met once a push more has levelled it', async () => {
    await logged()
    const high = await read('.52', '.44', '.48', '.50')
    expect(high.rim?.standing).toMatchObject({ isLevel: false, words: '0.08 high between 11 and 12' })
    expect(rimDemand(high)).toMatchObject({ subject: 'rim-level', met: false })
    // The lever press pushes its near left further, by the line's own jobs: the high side goes there.
    expect(high.rim?.lay).toMatchObject({ leftHour: 1 })
    expect(high.rim?.lay?.why).toMatch(/near left, which it pushes 0\.0\d ±0\.0\d further/)
    const again = await logged({ leftHour: 1 })
    expect(again.rim).toMatchObject({ pass: 2, heights: [], standing: null })
    const level = await read('.48', '.46', '.48', '.47')
    expect(level.rim).toMatchObject({
      standing: { isLevel: true },
      before: { words: high.rim?.standing?.words },
    })
    expect(rimDemand(level)).toMatchObject({ met: true })
    expect(level.rim?.lay).toBeNull()
    const report = await reportOfTray(store.db, AT_THE_PRESS, new Date())
    const told = report?.ok ? report.report.sections.flatMap(({ lines }) => lines) : []
    expect(told.find(({ what }) => what === 'Rim')?.words).toMatch(
      /^level within 0\.0\d, read at 4 places, limit 0\.05$/,
    )
    // Heights are no figures of the case.
    expect(level.readout.measured['rim-height']).toBeUndefined()
    expect(level.press?.runs.map(({ leftHour, feel }) => [leftHour, feel])).toEqual([
      [12, 'right'],
      [1, 'right'],
    ])
  })

  it('asks again for a place whose height was taken back', async () => {
    await logged()
    const view = await read('.52', '.44', '.48', '.50')
    const last = view.readings.findLast(({ dimension }) => dimension === 'rim-height')
    const taken = { trayId: view.tray.id, readingId: last?.id, reason: 'tip slipped' }
    const back = await takeBackReading(store.db, taken, later())
    if (!back.ok) throw new Error(JSON.stringify(back.errors))
    expect(back.view.rim?.next[4]).toEqual({ dimension: 'rim-height', placeIndex: 3 })
  })

  it('refuses an hour no clock has, and a run that failed without a cause', async () => {
    await expect(logged({ leftHour: 13 })).rejects.toThrow(/Hour at its left/)
    await expect(logged({ outcome: 'cracked' })).rejects.toThrow(/Put down to is missing/)
    expect((await logged({ outcome: 'cracked', cause: 'die' })).rim).toBeNull()
  })

  it('stands as the simulated indicator has it, leaning less once it was turned half round and pushed again', async () => {
    const tilts: number[] = []
    for (const leftHour of [12, 6]) {
      const pressed = await logged({ leftHour })
      const lines: string[] = []
      for (const placeIndex of [0, 1, 2, 3]) {
        const at = { trayId: pressed.tray.id, dimension: 'rim-height', placeIndex }
        const line = await simulatedLine(store.db, at)
        if (!line.ok) throw new Error(JSON.stringify(line.errors))
        lines.push(line.line)
      }
      tilts.push((await read(...lines)).rim?.standing?.tiltMm ?? NaN)
    }
    expect(tilts[1]).toBeLessThan(tilts[0] ?? NaN)
  })
})
