import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { handedBack } from '../../../tests/stores/handedBack'
import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import type { DimensionId } from '@/core/readings/dimensions'
import { caseSheetPage } from '../sheets/sheetPages'
import { noteFinding } from './noteFinding'
import { openTray } from './openTray'
import { reopenTray } from './reopenTray'
import type { ReadingResult } from './takeReading'
import { takeReading } from './takeReading'
import { tickTray } from './tickTray'
import { trayByItsNumber } from './trayPages'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('the case sheet learns, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  function send(
    { tray, instruments }: TrayView,
    dimension: DimensionId,
    placeIndex: number,
    text: string,
  ): Promise<ReadingResult> {
    const caliper = instruments.find(({ kind }) => kind === 'caliper')
    const figure = { dimension, placeIndex, text, source: 'typed', confirmed: false }
    return takeReading(store.db, { trayId: tray.id, instrumentId: caliper?.id, ...figure }, NOW)
  }

  async function another(of: TrayView): Promise<TrayView> {
    const fields = {
      owner: 'Tove Rask',
      dueAt: '2026-12-02T16:00:00.000Z',
      asked: 'crystal',
      use: 'everyday',
    }
    const sent = {
      caseSheetId: of.sheet.id,
      fields: { ...fields, crystalState: 'shattered', gasketPresent: true },
    }
    const opened = await openTray(store.db, sent, NOW)
    if (!opened.ok) throw new Error(JSON.stringify(opened.errors))
    const view = await trayByItsNumber(store.db, opened.number)
    if (!view) throw new Error('not there')
    return view
  }

  it('what was measured at hand-back, for the next piece of the same case, and forgets it while it is reopened', async () => {
    const first = await openBrokenTray(store.db, 'Learner', NOW)
    for (const [place, text] of ['30.95', '30.97', '30.96'].entries())
      expect(await send(first, 'bore', place, text)).toMatchObject({ ok: true })
    expect((await another(first)).sheet.learned).toBeUndefined()

    expect(await handedBack(store.db, first, NOW)).toMatchObject({ ok: true })
    const second = await another(first)
    expect(second.sheet.boreMm).toBeNull()
    expect(second.sheet.learned?.bore).toMatchObject({
      pieces: 1,
      from: `from tray ${first.tray.number}, 3 readings`,
    })
    expect(second.sheet.learned?.bore?.valueMm).toBeCloseTo(30.96, 9)
    expect(second.readout.measured.bore).toBeUndefined()

    // Beyond what pieces differ by it is asked about; within, it is taken.
    const far = await send(second, 'bore', 0, '31.30')
    expect(!far.ok && 'ask' in far && far.ask.message).toMatch(
      /^Case bore 31.30 is 0.34 away from the 30.96 expected here \(from tray \d+, 3 readings\)/,
    )
    expect(await send(second, 'bore', 0, '31.01')).toMatchObject({ ok: true })

    const page = await caseSheetPage(store.db, first.sheet.id)
    if (!page?.ok) throw new Error('no sheet')
    expect(page.pieces).toMatchObject([
      { trayNumber: first.tray.number, dimension: 'bore', readings: 3, instruments: 'caliper' },
    ])
    await reopenTray(store.db, { trayId: first.tray.id, reason: 'bore read askew' }, NOW)
    expect((await another(first)).sheet.learned).toBeUndefined()
    const later = new Date(NOW.getTime() + 3_600_000)
    const again = await trayByItsNumber(store.db, first.tray.number)
    if (!again) throw new Error('gone')
    expect(await handedBack(store.db, again, later)).toMatchObject({ ok: true })
    const pieces = await caseSheetPage(store.db, first.sheet.id)
    expect(pieces?.ok && pieces.pieces).toHaveLength(1)
  })

  it('how long a wait took, for the next piece, from the last time its step was done', async () => {
    const first = await openBrokenTray(store.db, 'Waiter', NOW)
    const trayId = first.tray.id
    const run = first.job.procedure.steps.find(({ waitMinutes }) => waitMinutes > 0)
    if (!run) throw new Error('nothing waits')
    const after = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000)
    const step = { trayId, subject: `step:${run.id}` }
    // Begun, taken back, begun again: the time counts from the second start.
    expect(await tickTray(store.db, { ...step, done: true }, NOW)).toMatchObject({ ok: true })
    expect(await tickTray(store.db, { ...step, done: false }, after(3))).toMatchObject({ ok: true })
    expect(await tickTray(store.db, { ...step, done: true }, after(5))).toMatchObject({ ok: true })
    const over = { trayId, subject: `wait:${run.id}`, done: true }
    const took = run.waitMinutes + 17
    expect(await tickTray(store.db, over, after(5 + took))).toMatchObject({ ok: true })
    expect((await another(first)).job.waitsBefore).toEqual({})

    const done = await trayByItsNumber(store.db, first.tray.number)
    if (!done) throw new Error('gone')
    expect(await handedBack(store.db, done, after(3 * took))).toMatchObject({ ok: true })
    expect((await another(first)).job.waitsBefore).toEqual({
      [run.id]: { minutes: took, pieces: 1, trayNumber: first.tray.number },
    })
  })

  it('what was found on a piece, for the next one, once it is handed back and as long as it is not taken back', async () => {
    const first = await openBrokenTray(store.db, 'Gritty', NOW)
    const note = { trayId: first.tray.id, kind: 'thread', words: 'green crust at 6', stage: 'open' }
    expect(await noteFinding(store.db, note, NOW)).toMatchObject({ ok: true })
    expect((await another(first)).pastFindings).toEqual([])
    expect(await handedBack(store.db, first, NOW)).toMatchObject({ ok: true })
    expect((await another(first)).pastFindings).toEqual([
      { words: 'in thread or lip: green crust at 6', trays: [first.tray.number] },
    ])
    expect((await trayByItsNumber(store.db, first.tray.number))?.pastFindings).toEqual([])
  })

  it('from the demo’s year behind the bench', async () => {
    const view = await trayByItsNumber(store.db, 224)
    expect(view?.sheet.learned?.bore?.pieces).toBeGreaterThanOrEqual(10)
    expect(view?.sheet.learned?.bore?.standardUncertaintyMm).toBeLessThan(0.03)
  })
})
