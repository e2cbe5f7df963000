import { leadTo } from '../../../tests/stores/leadTo'
import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import { OWN_ID } from '@/core/own-parts/OwnPart'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import { lastTimePair, pastPairs, sizeHistory } from '@/core/tray/sizeHistory'
import { pressRunsOfSheets } from '@/data/queries/caseSheets'
import { latestPicksOf } from '@/data/queries/picks'
import { judgeChoice } from './judgeChoice'
import { logPressRun } from './logPressRun'
import { lookOver, ownBack } from './lookOver'
import { undoTrail } from './partsTrail'
import { pickPair } from './pickPair'
import { trayByItsNumber } from './trayPages'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')
const OWN_PAIR = { crystalId: OWN_ID, gasketId: OWN_ID }

describe.each(testStores())('parts of the piece itself, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  async function tray(number: number): Promise<TrayView> {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error(`tray ${number} is not there`)
    return view
  }

  async function seen(view: TrayView, part: OwnPartId, how: Seen): Promise<TrayView> {
    const answer = await lookOver(store.db, { trayId: view.tray.id, part, seen: how }, NOW)
    if (!answer.ok) throw new Error(JSON.stringify(answer))
    return answer.view
  }

  it('are picked without a drawer losing anything, pressed, and told the next tray of the sheet', async () => {
    const before = await tray(235)
    const best = before.shortlist?.fitting[0]
    expect([best?.crystal.id, best?.gasket?.id]).toEqual([OWN_ID, OWN_ID])
    const picked = await pickPair(store.db, { trayId: before.tray.id, ...OWN_PAIR }, NOW)
    if (!picked.ok) throw new Error(JSON.stringify(picked))
    const { view } = picked
    expect(view.partsOut).toEqual([])
    expect(view.press).toMatchObject({
      crystal: { id: OWN_ID, code: 'its own', material: 'sapphire' },
      gasket: { id: OWN_ID },
      againstNow: [],
    })
    const match = view.job.stages.find(({ stage }) => stage === 'match')
    expect(match?.standing).toBe('done')
    const { pusher, support } = view.press ?? {}
    if (!pusher?.ok || !support?.ok) throw new Error('no dies')
    const tools = {
      pressId: view.presses[0]?.id,
      pusherId: pusher.best.die.id,
      supportId: support.best.die.id,
    }
    const fields = { outcome: 'home', quarterTurns: 4 }
    await leadTo(store.db, view, 'crystal-in', NOW)
    const logged = await logPressRun(store.db, { trayId: view.tray.id, ...tools, fields }, NOW)
    if (!logged.ok) throw new Error(JSON.stringify(logged))
    expect(logged.view.press?.runs).toHaveLength(1)
    const backByRun = logged.view.job.trail.lines.filter(({ part }) => part.startsWith('crystal'))
    expect(backByRun.map(({ part, back, renewed, open }) => [part, back, renewed, open])).toEqual([
      ['crystal', 1, 0, 0],
      ['crystal-gasket', 1, 0, 0],
    ])
    // What was pressed in is in, whatever the trail says.
    expect(await undoTrail(store.db, { trayId: view.tray.id }, NOW)).toMatchObject({
      ok: false,
      errors: { form: 'The press put it back: log what became of it at Press in.' },
    })
    const stored = (await latestPicksOf(store.db, [view.tray.id])).get(view.tray.id)
    expect(stored?.pick).toMatchObject({ crystalId: null, gasketId: null })
    expect(stored?.pick.ownCrystal?.diameterMm).toBeCloseTo(32, 1)
    const runs = (await pressRunsOfSheets(store.db, [view.sheet.id])).get(view.sheet.id) ?? []
    expect(runs[0]).toMatchObject({
      crystalId: null,
      crystalCode: 'its own',
      gasketCode: 'its own',
      ofOwn: true,
    })
    expect(sizeHistory(runs)).toEqual([{ sizeMm: 32, count: 1 }])
    expect([pastPairs(runs), lastTimePair(runs)]).toEqual([[], null])
  })

  it('do not go back once they are seen not to serve, and the press card says so', async () => {
    const before = await tray(235)
    const trayId = before.tray.id
    const picked = await pickPair(store.db, { trayId, ...OWN_PAIR }, NOW)
    expect(picked.ok).toBe(true)
    const cut = await seen(before, 'crystal-gasket', 'cut')
    expect(cut.press?.againstNow.join()).toMatch(/Its own crystal gasket: it is cut and does not go back/)
    expect(cut.job.procedure.steps.map(({ id }) => id)).toContain('match-gasket')
    expect(cut.job.stages.find(({ stage }) => stage === 'match')?.standing).toBe('open')
    const { pusher, support } = cut.press ?? {}
    const { presses } = cut
    if (!pusher?.ok || !support?.ok) throw new Error('no dies')
    const tools = { pressId: presses[0]?.id, pusherId: pusher.best.die.id, supportId: support.best.die.id }
    const run = { trayId, ...tools, fields: { outcome: 'home', quarterTurns: 4 } }
    await leadTo(store.db, cut, 'crystal-in', NOW)
    expect(await logPressRun(store.db, run, NOW)).toMatchObject({
      ok: false,
      errors: {
        form: 'Not pressed. Its own crystal gasket: it is cut and does not go back. Pick another one at Match.',
      },
    })
    expect(await judgeChoice(store.db, { trayId, ...OWN_PAIR }, NOW)).toMatchObject({
      ok: false,
      errors: { form: 'Its own crystal gasket: it is cut and does not go back.' },
    })
    expect(cut.shortlist?.fitting[0]).toMatchObject({ crystal: { id: OWN_ID } })
    expect(cut.shortlist?.fitting.some(({ gasket }) => gasket?.id === OWN_ID)).toBe(false)
  })

  it('are cracked, and picked no more, when they cracked under the press', async () => {
    const { tray: header } = await tray(235)
    await seen(await tray(235), 'crystal-gasket', 'sound')
    const trayId = header.id
    const picked = await pickPair(store.db, { trayId, ...OWN_PAIR }, NOW)
    if (!picked.ok) throw new Error(JSON.stringify(picked))
    const { pusher, support } = picked.view.press ?? {}
    const { presses } = picked.view
    if (!pusher?.ok || !support?.ok) throw new Error('no dies')
    const tools = { pressId: presses[0]?.id, pusherId: pusher.best.die.id, supportId: support.best.die.id }
    const run = { trayId, ...tools, fields: { outcome: 'cracked', cause: 'die', quarterTurns: 1 } }
    await leadTo(store.db, picked.view, 'crystal-in', NOW)
    const cracked = await logPressRun(store.db, run, NOW)
    if (!cracked.ok) throw new Error(JSON.stringify(cracked))
    expect(cracked.view.ownParts.find(({ id }) => id === 'crystal')).toMatchObject({
      seen: 'cracked',
      mayStill: false,
    })
    expect(cracked.view.job.stages.find(({ stage }) => stage === 'match')?.standing).toBe('open')
    expect(await logPressRun(store.db, run, NOW)).toMatchObject({ ok: false })
    await seen(cracked.view, 'crystal', 'sound')
  })

  it('are refused by name where nobody looked, where a word is none, and where the job has none', async () => {
    const whole = await tray(216)
    const trayId = whole.tray.id
    const notYet = await pickPair(store.db, { trayId, ...OWN_PAIR }, NOW)
    expect(notYet).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/^Its own crystal: look the crystal over first/) as string },
    })
    const wrong = await lookOver(store.db, { trayId, part: 'crystal', seen: 'flattened' }, NOW)
    expect(wrong).toMatchObject({
      ok: false,
      errors: { seen: 'Seen of the crystal: “flattened” is none of sound, scratched, chipped, cracked.' },
    })
    expect(await lookOver(store.db, { trayId, part: 'insert', seen: 'sound' }, NOW)).toMatchObject({
      ok: false,
    })
    expect(await lookOver(store.db, { trayId, part: 'lid', seen: 'sound' }, NOW)).toMatchObject({ ok: false })
    const broken = await tray(214)
    expect(await pickPair(store.db, { trayId: broken.tray.id, ...OWN_PAIR }, NOW)).toMatchObject({
      ok: false,
      errors: { form: 'Its own crystal: this piece has none that could go back.' },
    })
    expect(await ownBack(store.db, { trayId, part: 'crystal', goesBack: true }, NOW)).toMatchObject({
      errors: { part: 'The crystal goes back by being picked.' },
    })
  })

  it('let an insert go back instead of a new one, once it was looked over', async () => {
    const { tray: header } = await tray(226)
    const trayId = header.id
    const goesBack = { trayId, part: 'insert', goesBack: true } as const
    expect(await ownBack(store.db, goesBack, NOW)).toMatchObject({ ok: false })
    const bent = await seen(await tray(226), 'insert', 'bent')
    expect(bent.ownParts.find(({ id }) => id === 'insert')?.mayStill).toBe(false)
    expect(await ownBack(store.db, goesBack, NOW)).toMatchObject({ ok: false })
    await seen(bent, 'insert', 'sound')
    const back = await ownBack(store.db, goesBack, NOW)
    if (!back.ok) throw new Error(JSON.stringify(back))
    const open = ({ job }: TrayView) =>
      job.stages.flatMap(({ demands }) => demands).find(({ subject }) => subject === 'insert-out')?.met
    expect(open(back.view)).toBe(true)
    const after = await ownBack(store.db, { ...goesBack, goesBack: false }, NOW)
    expect(after.ok && open(after.view)).toBe(false)
    const again = await ownBack(store.db, goesBack, NOW)
    expect(again.ok && open(again.view)).toBe(true)
    expect(open(await seen(bent, 'insert', 'cracked'))).toBe(false)
  })
})
