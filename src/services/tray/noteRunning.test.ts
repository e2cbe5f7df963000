import { testStores } from '../../../tests/stores/testStores'
import { trayThere } from '../../../tests/stores/trayThere'
import type { Store } from '@/data/client'
import { runningChecks } from '@/data/schema'
import { keepRunningFile } from './keepRunningFile'
import { noteRunning } from './noteRunning'
import { reportOfTray } from './trayReportPage'

/** Of the demo: one that is closed and stands at Prove, and one that lies open. */
const [CLOSED, OPEN] = [203, 214]
const START = new Date('2036-11-24T09:00:00Z')
const DAY_LATER = new Date('2036-11-25T08:30:00Z')

describe.each(testStores())('how a movement runs, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = (number: number) => trayThere(store, number)
  const note = async (fields: object, at = START, number = CLOSED) =>
    noteRunning(store.db, { trayId: (await tray(number)).tray.id, fields: { ...fields } }, at)
  const demand = (view: Awaited<ReturnType<typeof tray>>) =>
    view.job.stages
      .find(({ stage }) => stage === 'prove')
      ?.demands.find(({ subject }) => subject === 'running')

  it('is a rate once it was compared with a clock twice, and none before', async () => {
    const first = await note({ by: 'clock', aheadS: '12' })
    if (!first.ok) throw new Error(JSON.stringify(first.errors))
    expect(first.view.running.standing).toMatchObject({ since: START.toISOString(), isRight: null })
    expect(demand(first.view)).toBeUndefined()
    const second = await note({ by: 'clock', aheadS: '19' }, DAY_LATER)
    if (!second.ok) throw new Error(JSON.stringify(second.errors))
    expect(second.view.running.standing?.words).toBe('gains 7.1 ±1.4 s a day by the clock')
    const page = await reportOfTray(store.db, CLOSED, new Date())
    const proved = page?.ok && page.report.sections.find(({ title }) => title === 'Proved')
    expect(proved && proved.lines.find(({ what }) => what === 'Running')?.words).toMatch(/^gains 7\.1/)
  })

  it('beyond its limit is open until somebody says why it goes home so', async () => {
    const fast = await note({ by: 'machine', position: 'crown-up', rateSPerDay: '90' })
    expect(fast.ok && demand(fast.view)).toMatchObject({ met: false, open: 'movement: crown up +90.0 s/d' })
    const right = await note({ by: 'machine', position: 'crown-up', rateSPerDay: '0.4' }, DAY_LATER)
    expect(right.ok && demand(right.view)).toMatchObject({ met: true })
  })

  it('comes out of a timing machine’s file, every position of it or none', async () => {
    const take = async (text: string) =>
      keepRunningFile(store.db, { trayId: (await tray(CLOSED)).tray.id, text }, START)
    const wrong = await take('position,rate,amplitude\ndial up,4,270\ncrown up,2,2700')
    expect(wrong.ok ? '' : wrong.errors['file']).toMatch(/^Line 3, Amplitude: 2700 ° is outside/)
    expect(await store.db.select().from(runningChecks)).toEqual([])
    const none = await take('')
    expect(none.ok ? '' : none.errors['file']).toMatch(/^No column of rate/)
    const kept = await take('position;rate;amplitude;beat\nDU;4,2;270;0,3\nCD;-2,5;240;')
    if (!kept.ok) throw new Error(JSON.stringify(kept.errors))
    expect(kept.view.running.standing).toMatchObject({
      words: 'dial up +4.2 s/d, 270°; crown down −2.5 s/d, 240°',
      isRight: true,
    })
    expect(await store.db.select().from(runningChecks)).toHaveLength(2)
  })

  it('is not written down of one that lies open, nor with figures that cannot be', async () => {
    const open = await note({ by: 'clock', aheadS: '1' }, START, OPEN)
    expect(open.ok ? '' : open.errors['form']).toMatch(/^Still off by the parts trail/)
    const wrong = await note({ by: 'machine', position: 'upside', rateSPerDay: '9000' })
    if (wrong.ok) throw new Error('it was taken')
    expect(Object.keys(wrong.errors).sort()).toEqual(['position', 'rateSPerDay'])
    expect(wrong.errors['rateSPerDay']).toMatch(/9000 s\/d is outside −600/)
    expect(await store.db.select().from(runningChecks)).toEqual([])
  })
})
