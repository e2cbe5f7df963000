import { isNull } from 'drizzle-orm'
import { briefly } from '../../../tests/approved/briefly'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { trays } from '@/data/schema'
import { benchView } from '../bench/benchView'
import { compareUpgrades } from './compareUpgrades'
import { reportOfTray } from './trayReportPage'
import { trayByItsNumber } from './trayPages'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

// Every figure of the trays in hand as it was when somebody last looked at it: what changes here is read line by
// line before it is approved with -u. That they are right is proved where each is worked out.
describe('what the demo’s trays say is what was approved', () => {
  let store: Store
  beforeAll(async () => {
    const [onPglite] = testStores()
    if (!onPglite) throw new Error('no store')
    store = await onPglite.openDemo()
  }, 240_000)
  afterAll(() => store.close())

  test('on the bench', async () => {
    expect(briefly('', await benchView(store.db, NOW)).join('\n')).toMatchSnapshot()
  })

  test('tray by tray', async () => {
    const inHand = await store.db.select().from(trays).where(isNull(trays.finishedAt)).orderBy(trays.number)
    for (const { id, number } of inHand) {
      const view = await trayByItsNumber(store.db, number)
      if (!view) throw new Error(`no tray ${number}`)
      const { job, ...others } = view
      const lines = [
        ...briefly('', {
          ...others,
          tray: null,
          dryTest: withoutPlot(view.dryTest),
          plan: null,
          possible: null,
          steps: view.steps.map(({ reading: _, ...step }) => step),
        }),
        ...briefly('job.', jobOf(job)),
        ...briefly('upgrades.', await compareUpgrades(store.db, { trayId: id }, NOW)),
      ]
      expect(lines.join('\n')).toMatchSnapshot(`tray ${number}`)
    }
  }, 120_000)

  test('in the report', async () => {
    for (const number of [205, 209, 214]) {
      const page = await reportOfTray(store.db, number, new Date())
      if (!page?.ok) throw new Error(`no report of ${number}`)
      expect(briefly('', page.report).join('\n')).toMatchSnapshot(`report ${number}`)
    }
  })

  test('in the report of a crystal that did not survive: it is not told as fitted', async () => {
    const page = await reportOfTray(store.db, 239, new Date())
    const fitted = page?.ok && page.report.sections.find(({ title }) => title === 'Fitted')
    expect(fitted && fitted.lines[0]).toMatchObject({
      what: 'Crystal',
      words: expect.stringMatching(/, cracked under the press$/) as string,
      mark: 'open',
    })
  })
})

/** A plot's points are a fit's last digits: they differ by how the engine compiled it. Its figures are approved. */
function withoutPlot(dryTest: TrayView['dryTest']) {
  return dryTest && { ...dryTest, last: dryTest.last && { ...dryTest.last, plot: null } }
}

function jobOf({ stages, hazards, waits, trail, procedure }: TrayView['job']) {
  return {
    stages: stages.map(({ stage, standing, demands }) =>
      [stage, standing, ...demands.filter(({ met }) => !met).map(({ subject }) => subject)].join(' '),
    ),
    hazards: hazards.map(({ id }) => id),
    waits,
    trail: trail.lines.map(({ part, count, open }) => `${part} ${open}/${count}`),
    steps: procedure.steps.map(({ id, after }) => [id, ...after].join('<')),
    minutes: [procedure.activeMinutes, procedure.waitMinutes],
  }
}
