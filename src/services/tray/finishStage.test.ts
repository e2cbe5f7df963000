import { sql } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { finished, handedBack } from '../../../tests/stores/handedBack'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { leftOut } from '@/data/schema'
import { openOf } from '@/core/stages/StageState'
import type { StageId } from '@/core/stages/stages'
import { finishStage } from './finishStage'
import { leaveOut } from './leaveOut'
import { answerOff, recordOff } from './partsTrail'
import { tickTray } from './tickTray'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

let store: Store
beforeAll(async () => {
  const [embedded] = testStores()
  if (!embedded) throw new Error('no store to test with')
  store = await embedded.openDemo()
}, 240_000)
afterAll(() => store.close())

let opened = 0
const newTray = () => openBrokenTray(store.db, `Stages ${++opened}`, NOW)
const stageOf = ({ job }: TrayView, stage: StageId) => {
  const found = job.stages.find((state) => state.stage === stage)
  if (!found) throw new Error(stage)
  return found
}
function stored(outcome: Awaited<ReturnType<typeof leaveOut>>): TrayView {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
  return outcome.view
}
const refused = (outcome: { ok: boolean; errors?: Readonly<Record<string, string>> }) =>
  outcome.ok ? 'accepted' : Object.values(outcome.errors ?? {}).join(' ')

describe('finishing a stage', () => {
  it('takes a reason for what is open, and keeps it with each', async () => {
    const view = await newTray()
    const trayId = view.tray.id
    const without = await finishStage(store.db, { trayId, stage: 'intake' }, NOW)
    expect(refused(without)).toMatch(/^Intake is not done: Stop the movement now.*Do it, or say why/)
    for (const reason of ['', ' ', 'x', 'y'.repeat(201), 7])
      expect(refused(await finishStage(store.db, { trayId, stage: 'intake', reason }, NOW))).toMatch(
        /[Rr]eason/,
      )
    const after = stored(
      await finishStage(store.db, { trayId, stage: 'intake', reason: '  stopped at the counter ' }, NOW),
    )
    expect(after.tray.stage).toBe('open')
    expect(stageOf(after, 'intake').standing).toBe('left-out')
    expect(stageOf(after, 'intake').demands.map(({ leftOut }) => leftOut)).toEqual(
      stageOf(view, 'intake').demands.map(() => ({
        reason: 'stopped at the counter',
        at: NOW.toISOString(),
      })),
    )
  })

  it('is not done by a proof that failed, whatever was ticked, and keeps what was seen', async () => {
    const { tray } = await newTray()
    const proof = { trayId: tray.id, subject: 'step:functions', done: true }
    await finished(store.db, tray.id, 'close', NOW)
    expect(refused(await tickTray(store.db, proof, NOW))).toMatch(/say which, all works, something does not/)
    expect(refused(await tickTray(store.db, { ...proof, answer: 'fine' }, NOW))).toMatch(/say which/)
    const long = { ...proof, answer: 'all works', detail: 'x'.repeat(121) }
    expect(refused(await tickTray(store.db, long, NOW))).toMatch(/at most 120 characters/)
    const bad = { ...proof, answer: 'something does not', detail: 'date sticks at 31' }
    const failed = stored(await tickTray(store.db, bad, NOW))
    const functions = (view: TrayView) =>
      stageOf(view, 'prove').demands.find(({ subject }) => subject === proof.subject)
    expect(functions(failed)).toMatchObject({ met: false })
    expect(failed.job.said[proof.subject]).toEqual({
      words: 'something does not: date sticks at 31',
      good: false,
      at: NOW.toISOString(),
    })
    const right = stored(await tickTray(store.db, { ...proof, answer: 'all works' }, NOW))
    expect(functions(right)).toMatchObject({ met: true })
    expect(right.job.said[proof.subject]?.words).toBe('all works')
    // It was found wrong after all.
    expect(functions(stored(await tickTray(store.db, bad, NOW)))).toMatchObject({ met: false })
    const taken = stored(await tickTray(store.db, { ...proof, done: false }, NOW))
    expect(taken.job.said[proof.subject]).toBeUndefined()
  })

  it('asks for no reason where all is done, and a step ticked later is left out no more', async () => {
    const view = await newTray()
    const trayId = view.tray.id
    for (const { subject } of openOf(stageOf(view, 'intake')))
      stored(await tickTray(store.db, { trayId, subject, done: true }, NOW))
    const open = stored(await finishStage(store.db, { trayId, stage: 'intake' }, NOW))
    expect([open.tray.stage, stageOf(open, 'intake').standing]).toEqual(['open', 'done'])
    const decase = stored(await finished(store.db, trayId, 'open', NOW))
    const [left] = stageOf(decase, 'open').demands
    expect(left?.leftOut).not.toBeNull()
    await expect(store.db.execute(sql`UPDATE ${leftOut} SET reason = 'other'`)).rejects.toMatchObject({
      cause: { message: expect.stringMatching(/append-only/) as string },
    })
    const later = stored(await tickTray(store.db, { trayId, subject: left?.subject, done: true }, NOW))
    expect(stageOf(later, 'open').demands[0]).toMatchObject({ met: true, leftOut: null })
  })

  it('of a stage behind leaves the tray where it stands, and asks for that stage alone', async () => {
    const { tray } = await newTray()
    const trayId = tray.id
    const there = stored(await finished(store.db, trayId, 'measure', NOW))
    expect(there.tray.stage).toBe('push-out')
    expect(openOf(stageOf(there, 'decase'))).toEqual([])
    const again = stored(await finishStage(store.db, { trayId, stage: 'open' }, NOW))
    expect(again.tray.stage).toBe('push-out')
  })

  it('leaves no part behind, whatever reason is given', async () => {
    const { tray } = await newTray()
    const trayId = tray.id
    stored(
      await recordOff(
        store.db,
        { trayId, part: 'back', count: 1, size: '', clockHour: null, photo: null },
        NOW,
      ),
    )
    expect(refused(await finished(store.db, trayId, 'close', NOW))).toMatch(
      /Not moved on to prove: 1 case back not accounted for/,
    )
    const outcome = await leaveOut(store.db, { trayId, subject: 'trail', reason: 'lost' }, NOW)
    expect(refused(outcome)).toMatch(/Parts are not left out/)
  })

  it('takes no tick for what rests on something open, nor for a proof of an open case', async () => {
    const { tray } = await newTray()
    const trayId = tray.id
    const tick = async (id: string) =>
      refused(await tickTray(store.db, { trayId, subject: `step:${id}`, done: true }, NOW))
    expect(await tick('rim-check')).toMatch(/^First at Press in: /)
    const shell = { trayId, part: 'shell', count: 1, size: '', clockHour: null, photo: null }
    const off = stored(await recordOff(store.db, shell, NOW))
    expect(await tick('functions')).toMatch(/^Still off by the parts trail: 1 resin shell/)
    const [line] = off.job.trail.lines
    const answer = { trayId, offId: line?.offIds[0], kind: 'back', count: 1, reason: '' }
    stored(await answerOff(store.db, answer, NOW))
    expect(await tick('functions')).toMatch(/^Seen: say which/)
  })

  it('takes no hazard for dealt with before what it rests on was done', async () => {
    const { tray } = await newTray()
    const deal = (id: string) =>
      tickTray(store.db, { trayId: tray.id, subject: `hazard:${id}`, done: true }, NOW)
    expect(refused(await deal('fragments-under-hands'))).toMatch(/^First at Push out: /)
    expect(refused(await deal('moisture'))).toMatch(/“moisture inside” is not asked for/)
    await finished(store.db, tray.id, 'clean', NOW)
    const { allHazards } = stored(await deal('fragments-under-hands')).job
    expect(allHazards.find(({ id }) => id === 'fragments-under-hands')?.dealtAt).toMatch(/^2026-11-24/)
  })

  it('hands nothing back while anything of any stage is open, and names it', async () => {
    const view = await newTray()
    const trayId = view.tray.id
    await finished(store.db, trayId, 'prove', NOW)
    for (const { id, dealt } of view.job.hazards)
      if (dealt !== null) await tickTray(store.db, { trayId, subject: `hazard:${id}`, done: true }, NOW)
    const back = () => finishStage(store.db, { trayId, stage: 'hand-back' }, NOW)
    expect(refused(await back())).toMatch(
      /^Not handed back. Hand back: Strap or bracelet on.*; Tell the owner/,
    )
    stored(await leaveOut(store.db, { trayId, subject: 'step:functions', reason: null }, NOW))
    expect(refused(await back())).toMatch(/Prove: Crown through all positions/)
    const done = await handedBack(store.db, view, NOW)
    expect(stored(done).tray.finishedAt).toBe(NOW.toISOString())
  })
})

describe('leaving out', () => {
  it('is of what this job demands and nobody did, and is taken back', async () => {
    const { tray } = await newTray()
    const trayId = tray.id
    const leave = (subject: string, reason: string | null) =>
      leaveOut(store.db, { trayId, subject, reason }, NOW)
    expect(refused(await leave('step:bezel-clicks-nowhere', 'not here'))).toMatch(/does not ask for that/)
    const left = stored(await leave('pick', 'own crystal goes back'))
    expect(stageOf(left, 'match').standing).toBe('left-out')
    expect(stageOf(stored(await leave('pick', null)), 'match').standing).toBe('open')
    stored(await tickTray(store.db, { trayId, subject: 'step:photograph', done: true }, NOW))
    expect(refused(await leave('step:photograph', 'no camera'))).toMatch(/This is done/)
  })
})
