import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { keptTray } from '../../../tests/factories/keptTray'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { procedure } from '../procedure/procedure'
import { openOf } from '../stages/StageState'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import { minutesLeft, openWaits, runningBefore, waitsOf } from './waits'

const AT_NINE = '2026-11-24T09:00:00.000Z'
const MARKER = procedure(jobFacts({ asked: ['crystal', 'marker'], crystalState: 'shattered' }))
const ticked = { 'step:marker-refix': AT_NINE }
const at = (clock: string) => new Date(`2026-11-24T${clock}:00.000Z`)
const waits = (ticks: Readonly<Record<string, string>>, leftOut = {}) =>
  waitsOf({ procedure: MARKER, ticks, leftOut })

describe('a wait', () => {
  it('begins with its step and lasts as long as that says', () => {
    expect(waits({})).toEqual([])
    expect(waits({ 'step:fragments-out': AT_NINE })).toEqual([])
    expect(waits(ticked)).toMatchObject([
      {
        step: 'marker-refix',
        stage: 'clean',
        minutes: 20,
        startedAt: AT_NINE,
        endsAt: '2026-11-24T09:20:00.000Z',
      },
    ])
  })

  it('says until when what lies in open cement still turns, and nothing of what may not be touched', () => {
    expect(waits(ticked)[0]?.opensUntil).toBeNull()
    const insert = procedure(diverFacts({ asked: ['insert'], crystalState: 'whole' }))
    const [cement] = waitsOf({ procedure: insert, ticks: { 'step:insert-in': AT_NINE }, leftOut: {} })
    expect(cement).toMatchObject({ minutes: 60, opensUntil: '2026-11-24T09:05:00.000Z' })
  })

  it('tells the minutes that are left, and none once its time is over', () => {
    const [wait] = waits(ticked)
    if (!wait) throw new Error('no wait')
    const left = (clock: string) => minutesLeft(wait, at(clock))
    expect([left('09:00'), left('09:05'), left('09:19'), left('09:20'), left('10:00')]).toEqual([
      20, 15, 1, 0, 0,
    ])
    expect(minutesLeft(wait, new Date('2026-11-24T09:19:01.000Z'))).toBe(1)
  })

  it('is open until somebody says it is over, or why it is cut short; begun again, it is open again', () => {
    const said = { ...ticked, 'wait:marker-refix': '2026-11-24T09:21:00.000Z' }
    expect(openWaits(waits(ticked))).toHaveLength(1)
    expect(openWaits(waits(said))).toEqual([])
    const reason = { 'wait:marker-refix': { reason: 'light-cured', at: '2026-11-24T09:05:00.000Z' } }
    expect(openWaits(waits(ticked, reason))).toEqual([])
    const again = { ...said, 'step:marker-refix': '2026-11-24T11:00:00.000Z' }
    expect(openWaits(waits(again, reason))).toMatchObject([{ overAt: null, cutShort: null }])
  })

  it('holds up what is pressed after it, while it runs, and nothing before it', () => {
    const before = (step: string, clock: string) => runningBefore(step, waits(ticked), MARKER, at(clock))
    expect(before('crystal-in', '09:10')).toHaveLength(1)
    expect(before('crystal-in', '09:20')).toEqual([])
    expect(before('fragments-out', '09:10')).toEqual([])
  })
})

describe('a stage with a wait', () => {
  const tray = (over: Partial<KeptTray>) => {
    const kept = keptTray()
    const asked = ['crystal', 'marker'] as const
    return trayCase(keptTray({ tray: { ...kept.tray, asked, crystalState: 'shattered' }, ...over }), {
      policy: BUILT_IN_POLICY,
      schools: {},
      invented: false,
    })
  }
  const openAt = (over: Partial<KeptTray>) => {
    const clean = tray(over).stages.find(({ stage }) => stage === 'clean')
    return clean ? openOf(clean).map(({ subject }) => subject) : []
  }

  it('is not done before the wait is said to be over, or cut short for a reason', () => {
    expect(openAt({})).not.toContain('wait:marker-refix')
    expect(openAt({ ticks: ticked })).toContain('wait:marker-refix')
    const restedOn = ['back-off', 'movement-out', 'crystal-out', 'hands-off', 'fragments-out']
    const inTurn = Object.fromEntries(restedOn.map((id) => [`step:${id}`, '2026-11-24T08:00:00.000Z']))
    expect(openAt({ ticks: { ...inTurn, ...ticked } })).not.toContain('step:marker-refix')
    const over = { ...ticked, 'wait:marker-refix': '2026-11-24T09:25:00.000Z' }
    expect(openAt({ ticks: over })).not.toContain('wait:marker-refix')
    const reason = { reason: 'cured by light', at: '2026-11-24T09:02:00.000Z' }
    expect(openAt({ ticks: ticked, leftOut: { 'wait:marker-refix': reason } })).not.toContain(
      'wait:marker-refix',
    )
    // A reason of an earlier start says nothing of this one.
    const early = { reason: 'cured by light', at: '2026-11-24T08:00:00.000Z' }
    expect(openAt({ ticks: ticked, leftOut: { 'wait:marker-refix': early } })).toContain('wait:marker-refix')
  })
})
