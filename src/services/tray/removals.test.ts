import { testStores } from '../../../tests/stores/testStores'
import { trayThere } from '../../../tests/stores/trayThere'
import type { Store } from '@/data/client'
import { heatBursts, removals } from '@/data/schema'
import { chooseSchool } from './chooseSchool'
import { heatBond } from './heatBond'
import { logRemoval } from './logRemoval'
import { endMethod, startMethod } from './methodRuns'
import { recordOff } from './partsTrail'

const NOW = new Date('2026-11-24T10:00:00Z')
const seconds = (n: number) => new Date(NOW.getTime() + 1000 * n)
/** Of the demo: a dented bezel still on, a bath open for an insert, a magnifier to come off, a battery. */
const [DENTED, SOAKED, LENS, NONE] = [229, 226, 227, 214]
const CLEAN = { way: 'plastic-lever', outcome: 'clean', minutes: '7', note: '' }

describe.each(testStores())('how parts come off, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = (number: number) => trayThere(store, number)
  const idOf = async (number: number) => (await tray(number)).tray.id
  const partOf = async (number: number, wanted: string) =>
    (await tray(number)).removal?.parts.find(({ part }) => part === wanted)
  const logged = async (number: number, part: string, fields: object) =>
    logRemoval(store.db, { trayId: await idOf(number), part, fields: { ...fields } }, NOW)
  const refusal = (answer: { ok: boolean; errors?: object }) => Object.values(answer.errors ?? {}).join(' ')

  it('a job that takes nothing off so plans nothing and keeps nothing', async () => {
    expect((await tray(NONE)).removal).toBeNull()
    expect(refusal(await logged(NONE, 'bezel', CLEAN))).toBe('This job takes no bezel off.')
    const heat = await heatBond(store.db, { trayId: await idOf(NONE), seconds: 3 }, NOW)
    expect(refusal(heat)).toMatch(/no magnifier/)
  })

  it('nothing came off in words that is on by the trail; that it would not move is kept, and counts', async () => {
    const before = await store.db.select().from(removals)
    expect(refusal(await logged(DENTED, 'bezel', CLEAN))).toMatch(/on by the parts trail: take it off there/)
    expect(refusal(await logged(DENTED, 'bezel', { ...CLEAN, way: 'flame' }))).not.toBe('')
    expect(refusal(await logged(DENTED, 'bezel', { ...CLEAN, minutes: '0' }))).toMatch(/Minutes/)
    expect(await store.db.select().from(removals)).toEqual(before)
    const risk = async () =>
      (await partOf(DENTED, 'bezel'))?.ways.find(({ id }) => id === 'plastic-lever')?.risk ?? NaN
    const was = await risk()
    const stuck = await logged(DENTED, 'bezel', { ...CLEAN, outcome: 'did-not-move', note: 'glued at 4' })
    expect(stuck.ok).toBe(true)
    expect(await risk()).toBeGreaterThan(was)
    expect((await partOf(DENTED, 'bezel'))?.tries).toEqual([
      expect.objectContaining({
        way: 'plastic-lever',
        outcome: 'did-not-move',
        minutes: 7,
        note: 'glued at 4',
      }),
    ])
  })

  it('a bezel that was bent as it came off does not go back', async () => {
    const trayId = await idOf(DENTED)
    const off = { trayId, part: 'bezel', count: 1, size: '', clockHour: null, photo: null }
    const gone = await recordOff(store.db, off, NOW)
    expect(gone.ok ? '' : JSON.stringify(gone.errors)).toBe('')
    const bent = await logged(DENTED, 'bezel', { ...CLEAN, outcome: 'bent' })
    if (!bent.ok) throw new Error(refusal(bent))
    expect(bent.view.ownParts.find(({ id }) => id === 'bezel')).toMatchObject({ seen: 'bent' })
    expect(bent.view.ownParts.find(({ id }) => id === 'bezel')?.against).not.toBeNull()
  })

  it('a way that a case does not allow is refused with why, and another one changes the steps', async () => {
    const trayId = await idOf(DENTED)
    const title = async () =>
      (await tray(DENTED)).job.procedure.steps.find(({ id }) => id === 'bezel-off')?.title
    expect(await title()).toMatch(/lever/)
    const jaws = await chooseSchool(store.db, { trayId, school: 'bezel-removal', option: 'four-jaw' }, NOW)
    expect(jaws.ok).toBe(true)
    expect(await title()).toMatch(/four jaws/)
    const soaked = await tray(SOAKED)
    expect(soaked.removal?.parts[0]).toMatchObject({ part: 'insert', at: ['push-out', 'open'] })
    const blade = soaked.removal?.parts[0]?.ways.find(({ id }) => id === 'blade')
    const answer = await chooseSchool(
      store.db,
      { trayId: soaked.tray.id, school: 'insert-removal', option: 'blade' },
      NOW,
    )
    expect(answer.ok).toBe(blade?.against === null)
  })

  it('heat is kept by the burst, with a flame that was judged first', async () => {
    const trayId = await idOf(LENS)
    const heat = (s: number, at = NOW) => heatBond(store.db, { trayId, seconds: s }, at)
    expect(refusal(await heat(3))).toMatch(/No flame is in use on this tray/)
    const bath = (await tray(SOAKED)).job.bench.find(({ own }) => own)
    await endMethod(store.db, { trayId: await idOf(SOAKED), runId: bath?.id ?? 0 }, NOW)
    const lit = await startMethod(store.db, { trayId, process: 'flame', scope: 'face', heeded: true }, NOW)
    expect(refusal(lit)).toBe('')
    for (const wrong of [0, 2.5, 500])
      expect(refusal(await heat(wrong))).toMatch(/whole seconds from 1 to 120/)
    expect((await heat(4)).ok).toBe(true)
    const soon = await heat(9, seconds(20))
    if (!soon.ok) throw new Error(refusal(soon))
    expect(soon.view.removal?.heat).toMatchObject({ bursts: 2, totalSeconds: 13 })
    expect(soon.view.removal?.heat?.tooMuch).toHaveLength(2)
    expect(await store.db.select().from(heatBursts)).toHaveLength(2)
    // What heat may have loosened is asked about, and no tick alone answers it.
    const level = soon.view.job.procedure.steps.find(({ id }) => id === 'heat-level')
    expect(level?.question?.answers.map(({ good }) => good)).toEqual([true, false])
  })
})
