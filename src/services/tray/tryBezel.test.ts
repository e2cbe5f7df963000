import { eq } from 'drizzle-orm'
import { leadTo } from '../../../tests/stores/leadTo'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { bezelActions, caseSheets } from '@/data/schema'
import { answerOff } from './partsTrail'
import { trayByItsNumber } from './trayPages'
import { tryBezel } from './tryBezel'

const NOW = new Date('2026-11-24T10:00:00Z')
const LATER = new Date('2026-11-24T11:00:00Z')
/** Of the demo: a turning bezel that is off, and a case without one. */
const [TURNING, NONE] = [209, 214]
const RIGHT = { clicks: '120', otherWay: 'holds', backPlayDeg: '0.4', feel: 'right', zeroOnMark: true }

describe.each(testStores())('a turning bezel that is tried, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = async (number = TURNING) => {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error('not there')
    return view
  }
  const tried = async (fields: object, number = TURNING, now = NOW) =>
    tryBezel(store.db, { trayId: (await tray(number)).tray.id, fields: { ...fields } }, now)
  const isOn = async () => {
    const { tray: own, job } = await tray()
    for (const { offIds, open } of job.trail.lines.filter((line) => line.open > 0)) {
      const answer = { trayId: own.id, offId: Number(offIds[0]), kind: 'left-off' as const, count: open }
      await answerOff(store.db, { ...answer, reason: 'not what this test is about' }, NOW)
    }
    await leadTo(store.db, await tray(), 'clicks', NOW)
  }
  const clicks = (view: Awaited<ReturnType<typeof tray>>) =>
    view.job.stages
      .find(({ stage }) => stage === 'prove')
      ?.demands.find(({ subject }) => subject === 'clicks')

  it('is not tried before it is on, nor where there is none', async () => {
    expect((await tray()).bezelAction?.notYet).toMatch(/^First at |^Still off/)
    const early = await tried(RIGHT)
    expect(early.ok ? '' : early.errors['form']).toMatch(/^First at |^Still off/)
    const none = await tried(RIGHT, NONE)
    expect(none.ok ? '' : none.errors['form']).toMatch(/no turning bezel/)
    expect(await store.db.select().from(bezelActions)).toEqual([])
  })

  it('says what is wrong until it is right, and no tick does', async () => {
    await isOn()
    const short = await tried({ ...RIGHT, clicks: '119', backPlayDeg: '2' })
    if (!short.ok) throw new Error(JSON.stringify(short.errors))
    expect(short.view.bezelAction?.last?.wrong).toHaveLength(2)
    expect(clicks(short.view)).toMatchObject({
      met: false,
      open: 'bezel: 119 clicks counted, 120 on the case sheet',
    })
    const right = await tried(RIGHT, TURNING, LATER)
    expect(right.ok && clicks(right.view)).toMatchObject({ met: true, steps: ['clicks'] })
    expect(await store.db.select().from(bezelActions)).toHaveLength(2)
  })

  it('gives the sheet a count it had not', async () => {
    await isOn()
    const { sheet } = await tray()
    await store.db.update(caseSheets).set({ bezelClicks: null }).where(eq(caseSheets.id, sheet.id))
    expect((await tried({ ...RIGHT, clicks: '60' })).ok).toBe(true)
    expect((await tray()).sheet.bezelClicks).toBe(60)
  })

  it('names every wrong figure, and stores nothing', async () => {
    await isOn()
    const wrong = await tried({ ...RIGHT, clicks: '4000', otherWay: 'sings', backPlayDeg: '400' })
    if (wrong.ok) throw new Error('it was taken')
    expect(Object.keys(wrong.errors).sort()).toEqual(['backPlayDeg', 'clicks', 'otherWay'])
    expect(wrong.errors['backPlayDeg']).toMatch(/400.*30.*°/)
    expect(await store.db.select().from(bezelActions)).toEqual([])
  })
})
