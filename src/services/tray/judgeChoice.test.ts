import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import type { DimensionId } from '@/core/readings/dimensions'
import { openOf } from '@/core/stages/StageState'
import { compareUpgrades } from './compareUpgrades'
import { judgeChoice } from './judgeChoice'
import { pickPair } from './pickPair'
import { takeBackReading, takeReading } from './takeReading'
import { trayByItsNumber } from './trayPages'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')
const LATER = new Date('2026-11-24T11:00:00Z')

describe.each(testStores())('a choice judged again, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  async function read(
    view: TrayView,
    dimension: DimensionId,
    places: readonly string[],
    at = NOW,
  ): Promise<TrayView> {
    let now = view
    for (const [placeIndex, text] of places.entries()) {
      const figure = { dimension, placeIndex, text, source: 'typed', confirmed: true }
      const sent = { trayId: view.tray.id, instrumentId: view.instruments[0]?.id, ...figure }
      const outcome = await takeReading(store.db, sent, at)
      if (!outcome.ok) throw new Error(JSON.stringify(outcome))
      now = outcome.view
    }
    return now
  }

  async function measured(reference: string): Promise<TrayView> {
    const opened = await openBrokenTray(store.db, reference, NOW)
    return read(await read(opened, 'bore', ['30.95', '30.95', '30.95']), 'seat-depth', ['1.05', '1.05'])
  }

  async function judged(view: TrayView, pair: { crystal: { id: number }; gasket: { id: number } | null }) {
    const sent = { trayId: view.tray.id, crystalId: pair.crystal.id, gasketId: pair.gasket?.id ?? null }
    const answer = await judgeChoice(store.db, sent, NOW)
    if (!answer.ok) throw new Error(JSON.stringify(answer))
    return answer.choice
  }

  it('is said what the list and the comparison of the same case say', async () => {
    const view = await measured('Again')
    const { fitting = [], rejected = [] } = view.shortlist ?? {}
    expect(fitting.length).toBeGreaterThan(0)
    expect(rejected.length).toBeGreaterThan(0)
    for (const candidate of fitting)
      expect(await judged(view, candidate)).toEqual({ candidate, failures: [] })
    for (const near of rejected) expect(await judged(view, near.candidate)).toEqual(near)
    const compared = await compareUpgrades(store.db, { trayId: view.tray.id }, NOW)
    if (!compared.ok) throw new Error(JSON.stringify(compared))
    for (const { candidate } of compared.upgrades)
      expect(await judged(view, candidate)).toEqual({ candidate, failures: [] })
  })

  it('is made on the figures there were then, and says so until it is made anew', async () => {
    const before = await measured('Others')
    const trayId = before.tray.id
    const best = before.shortlist?.fitting[0]
    const pair = { trayId, crystalId: best?.crystal.id, gasketId: best?.gasket?.id ?? null }
    await pickPair(store.db, pair, NOW)
    const bore = before.readings.find(({ dimension }) => dimension === 'bore')
    const slip = { trayId, readingId: bore?.id, reason: 'jaws tilted' }
    // Taken back and not read again, the others say the same.
    const fewer = await takeBackReading(store.db, slip, LATER)
    if (!fewer.ok) throw new Error(JSON.stringify(fewer))
    expect(fewer.view.press?.againstNow.join()).not.toMatch(/other figures/)
    const after = await read(before, 'bore', ['31.10'], LATER)
    const OTHERS = 'picked on other figures: case bore 30.95 then, 31.00 now'
    expect(after.press?.againstNow[0]).toBe(OTHERS)
    const openAtMatch = ({ job }: TrayView) =>
      job.stages
        .filter(({ stage }) => stage === 'match')
        .flatMap((state) => openOf(state).map(({ open }) => open))
    expect(openAtMatch(after)).toContain(OTHERS)
    const anew = await pickPair(store.db, pair, new Date(LATER.getTime() + 1))
    if (!anew.ok) throw new Error(JSON.stringify(anew))
    expect(openAtMatch(anew.view)).not.toContain(OTHERS)
    expect(anew.view.press?.againstNow).not.toContain(OTHERS)
  })

  it('goes with a later reading, on the press card too', async () => {
    const before = await measured('Later')
    const best = before.shortlist?.fitting[0]
    if (!best) throw new Error('nothing fits')
    const pick = { crystalId: best.crystal.id, gasketId: best.gasket?.id ?? null }
    const picked = await pickPair(store.db, { trayId: before.tray.id, ...pick }, NOW)
    if (!picked.ok) throw new Error(JSON.stringify(picked))
    expect(picked.view.press?.againstNow).toEqual([best.warning])
    const after = await read(picked.view, 'bore', ['31.60', '31.60', '31.60', '31.60'])
    const { failures, candidate } = await judged(after, best)
    expect(failures[0]?.failure).toMatch(/gasket is .* smaller than the bore; limit 0.10/)
    expect(after.press?.againstNow).toEqual([...failures.map(({ failure }) => failure), candidate.warning])
    expect((await trayByItsNumber(store.db, after.tray.number))?.press?.againstNow).toEqual(
      after.press?.againstNow,
    )
  })

  it('is refused by name when the part or the tray is gone, or the input is none', async () => {
    const { tray } = await openBrokenTray(store.db, 'Gone', NOW)
    const sent = { trayId: tray.id, crystalId: 999_999, gasketId: null }
    expect(await judgeChoice(store.db, sent, NOW)).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/not in the drawers any more/) as string },
    })
    expect(await judgeChoice(store.db, { ...sent, trayId: 999_999 }, NOW)).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/not there any more/) as string },
    })
    expect(await judgeChoice(store.db, { trayId: tray.id }, NOW)).toMatchObject({ ok: false })
  })
})
