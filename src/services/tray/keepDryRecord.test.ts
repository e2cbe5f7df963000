import { testStores } from '../../../tests/stores/testStores'
import { trayThere } from '../../../tests/stores/trayThere'
import type { Store } from '@/data/client'
import { changeShopSettings } from '@/data/queries/shopSettings'
import { dryRecords, leakPlaces } from '@/data/schema'
import { orderedDryCsv } from '@/devices/simulated-dry-test/orderedDry'
import { keepDryRecord } from './keepDryRecord'
import { lookForLeak } from './lookForLeak'
import { tickTray } from './tickTray'
import { reportOfTray } from './trayReportPage'

/** Of the demo: one that leaked, one that is tight, one whose record was too short; one that lies open. */
const [LEAKS, TIGHT, SHORT, OPEN] = [208, 203, 207, 214]
const NOW = new Date('2036-11-24T10:00:00Z')

describe.each(testStores())('a dry tester’s record, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = (number: number) => trayThere(store, number)
  const keep = async (number: number, over: Record<string, unknown> = {}, fields: object = {}, at = NOW) => {
    const { tray: own, dryTest } = await tray(number)
    return keepDryRecord(
      store.db,
      {
        trayId: own.id,
        source: 'simulated',
        text: '',
        ...over,
        fields: { ...asText(dryTest?.initial ?? {}), ...fields },
      },
      at,
    )
  }
  const errorsOf = async (...of: Parameters<typeof keep>) => {
    const answer = await keep(...of)
    return answer.ok ? {} : answer.errors
  }
  const proof = (view: Awaited<ReturnType<typeof tray>>) =>
    view.job.stages
      .find(({ stage }) => stage === 'prove')
      ?.demands.find(({ subject }) => subject === 'pressure-test')

  it('says tight, leaking or cannot tell, and the proof stands by it alone', async () => {
    const [leaks, tight, short] = [await tray(LEAKS), await tray(TIGHT), await tray(SHORT)]
    expect(leaks.dryTest?.last).toMatchObject({ verdict: 'fail', isTight: false })
    expect(proof(leaks)).toMatchObject({
      met: false,
      open: expect.stringMatching(/^dry test: leaks/) as string,
    })
    expect(tight.dryTest?.last).toMatchObject({ verdict: 'pass', isTight: true })
    expect(proof(tight)).toMatchObject({ met: true, steps: ['pressure-test'] })
    expect(short.dryTest?.last).toMatchObject({ verdict: 'cannot-tell' })
    expect(short.dryTest?.last?.notes.join(' ')).toMatch(/It takes \d+ (?:s|min)/)
    // No tick does what the record speaks against.
    const ticked = await tickTray(
      store.db,
      { trayId: leaks.tray.id, subject: 'step:pressure-test', done: true, answer: 'tight', detail: '5 bar' },
      NOW,
    )
    expect(ticked.ok && proof(ticked.view)).toMatchObject({ met: false })
  })

  it('leads back to the likeliest place, and passes once that was seen to', async () => {
    const { tray: own, dryTest } = await tray(LEAKS)
    expect(dryTest?.places[0]?.share).toMatch(/%/)
    const back = await lookForLeak(
      store.db,
      { trayId: own.id, place: 'crown', reason: 'the leak changed as the crown was greased' },
      NOW,
    )
    if (!back.ok) throw new Error(JSON.stringify(back.errors))
    expect(back.view.tray.stage).toBe('close')
    const open = back.view.job.stages
      .find(({ stage }) => stage === 'close')
      ?.demands.find(({ subject }) => subject === 'step:crown-seal')
    expect(open?.met).toBe(false)
    expect(back.view.dryTest?.looked).toHaveLength(1)
    await tickTray(store.db, { trayId: own.id, subject: 'step:crown-seal', done: true }, NOW)
    const again = await keep(LEAKS, { does: 'tight' })
    if (!again.ok) throw new Error(JSON.stringify(again.errors))
    expect(proof(again.view)).toMatchObject({ met: true })
    // What was looked for last before a pass was the one: the next leak of the shop is looked for there first.
    const late = await keep(SHORT, { does: 'leaks' }, {}, new Date(NOW.getTime() + 1000))
    if (!late.ok) throw new Error(JSON.stringify(late.errors))
    const crown = late.view.dryTest?.places.find(({ place }) => place === 'crown')
    expect(crown?.because).toContain('it was the one once in this shop')
    expect(await store.db.select().from(leakPlaces)).toHaveLength(1)
  })

  it('is told in the report with its plot', async () => {
    const page = await reportOfTray(store.db, TIGHT, new Date())
    if (!page?.ok) throw new Error('no report')
    expect(page.report.plot?.shown.length).toBeGreaterThan(100)
    const proved = page.report.sections.find(({ title }) => title === 'Proved')
    expect(proved?.lines[0]).toMatchObject({ what: 'Dry test', mark: 'done' })
    expect(proved?.lines[2]?.words).toMatch(/it could have seen a leak of \d+/)
  })

  it('of a tester nobody knows decides nothing until three blank runs were made', async () => {
    const known = (await tray(TIGHT)).dryTest?.testers.find(({ mode }) => mode === 'vacuum')
    const vacuum = { testerId: String(known?.id), pressureBar: '0.6' }
    const first = await keep(TIGHT, {}, vacuum)
    if (!first.ok) throw new Error(JSON.stringify(first.errors))
    expect(first.view.dryTest?.last).toMatchObject({ verdict: 'cannot-tell' })
    expect(first.view.dryTest?.last?.gains).toMatch(/With the drift known/)
    for (let i = 1; i <= 3; i++) {
      const blank = await keep(TIGHT, {}, { ...vacuum, kind: 'blank' }, new Date(NOW.getTime() + i))
      if (!blank.ok) throw new Error(JSON.stringify(blank.errors))
    }
    expect((await tray(TIGHT)).dryTest?.last).toMatchObject({
      gains: null,
      drift: expect.stringMatching(/3 blank runs/) as string,
    })
  })

  it('is refused with the field and what to do, and nothing is kept', async () => {
    const before = (await store.db.select().from(dryRecords)).length
    const file = (text: string, fields = {}) => errorsOf(TIGHT, { source: 'file', text }, fields)
    expect(await file('')).toMatchObject({ file: expect.stringMatching(/choose the file/) as string })
    expect(await file('pressure_bar,deformation_um\n2,3')).toMatchObject({
      file: expect.stringMatching(/No column of time/) as string,
    })
    const order = {
      kind: 'test',
      does: 'tight',
      airCm3: 1.5,
      testerSeed: 1,
      caseSeed: 1,
      runSeed: 1,
    } as const
    const test = orderedDryCsv({ ...order, pressureBar: 5 })
    const [, ...lines] = test.split('\n')
    expect(await file([test, ...lines].join('\n'))).toMatchObject({
      which: expect.stringMatching(/holds 2 tests/) as string,
    })
    expect(await file([test, ...lines].join('\n'), { which: '3' })).toMatchObject({
      which: expect.stringMatching(/holds 2/) as string,
    })
    expect(await file(orderedDryCsv({ ...order, pressureBar: 40 }))).toMatchObject({
      file: expect.stringMatching(/goes to 10.0 bar/) as string,
    })
    expect(await file(test.split('\n').slice(0, 50).join('\n'))).toMatchObject({
      file: expect.stringMatching(/it takes 12 or more/) as string,
    })
    expect(await file(test, { airCm3: '400' })).toMatchObject({
      airCm3: expect.stringMatching(/400 cm³/) as string,
    })
    expect(await errorsOf(OPEN)).toMatchObject({
      form: expect.stringMatching(/^Still off by the parts trail/) as string,
    })
    expect(await store.db.select().from(dryRecords)).toHaveLength(before)
  })

  it('of a simulated tester counts in an invented shop alone', async () => {
    await changeShopSettings(store.db, { invented: false })
    expect(await errorsOf(TIGHT)).toMatchObject({
      file: expect.stringMatching(/nothing of a real case/) as string,
    })
  })

  it('has no leak looked for where none was found', async () => {
    const { tray: own } = await tray(TIGHT)
    const answer = await lookForLeak(
      store.db,
      { trayId: own.id, place: 'back', reason: 'to be sure of it' },
      NOW,
    )
    expect(answer.ok ? '' : answer.errors['form']).toMatch(/found it tight/)
  })
})

function asText(initial: Readonly<Record<string, string | number | null>>): Record<string, string> {
  return Object.fromEntries(Object.entries(initial).map(([name, value]) => [name, String(value ?? '')]))
}
