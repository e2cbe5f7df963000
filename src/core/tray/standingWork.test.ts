import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptReading, keptTray } from '../../../tests/factories/keptTray'
import { policyWith } from '../policy/policyChanges'
import { openOf } from '../stages/stageStates'
import type { StageId } from '../stages/stages'
import { DIMENSIONS } from '../readings/dimensions'
import type { DimensionId } from '../readings/dimensions'
import type { KeptTray } from './KeptTray'
import { trayCase } from './trayCase'

const RULES = { policy: policyWith({}), schools: {} }

function openAt(stage: StageId, over: Partial<KeptTray>) {
  const { stages } = trayCase(keptTray(over), RULES)
  const state = stages.find((one) => one.stage === stage)
  return state ? openOf(state).map(({ open }) => open) : []
}

/** Every place of a dimension read. */
const whole = (dimension: DimensionId, mm: number, from: number) =>
  DIMENSIONS[dimension].places.map((_, placeIndex) =>
    keptReading(from + placeIndex, dimension, mm, { placeIndex }),
  )

describe('how the work stands', () => {
  it('wants the glass read before anything presses on it, place by place', () => {
    expect(openAt('measure', {})).toEqual(['3 readings of crystal edge thickness missing'])
    const [first, second, third] = whole('crystal-edge', 1, 1)
    if (!first || !second || !third) throw new Error('three places')
    expect(openAt('measure', { readings: [first, second] })).toEqual([
      '1 reading of crystal edge thickness missing',
    ])
    expect(openAt('measure', { readings: [first, second, third] })).toEqual([])
    expect(openAt('measure', { readings: [first, second, { ...third, voidReason: 'slip' }] })).toHaveLength(1)
  })

  it('wants the rest of the plan read by the end of cleaning, until the size is sure', () => {
    const unread = openAt('clean', {}).join()
    expect(unread).toMatch(/readings of case bore missing/)
    expect(unread).toMatch(/seat depth missing/)
    const sheet = caseSheet({ boreMm: 31, gasketWallMm: 0.5 })
    const readings = [
      ...whole('crystal-diameter', 30, 1),
      ...whole('bore', 30.95, 20),
      ...whole('gasket-wall', 0.5, 30),
    ]
    const { now } = trayCase(keptTray({ sheet, readings }), RULES)
    const sure = now.readout.verdict?.pick.probability ?? 0
    const text = openAt('clean', { sheet, readings }).join()
    expect(sure >= 0.95 && now.readout.seat.ok).toBe(true)
    expect(text).not.toMatch(/bore|wall|opening/)
    expect(text).toMatch(/seat depth missing/)
    // What else was asked for is still to be read, however sure the crystal is.
    const tray = { ...keptTray().tray, asked: ['crystal', 'reseal'] as const }
    expect(openAt('clean', { tray, sheet, readings }).join()).toMatch(/back seal, thickness missing/)
  })

  it('counts a crystal as home by a run of the pick that counts', () => {
    const picked = { pick: { id: 7 }, crystal: { id: 4, material: 'mineral' as const }, gasket: null }
    const isHome = (pressRuns: KeptTray['pressRuns']) =>
      !openAt('press-in', { picked, pressRuns }).includes('press run not logged as home')
    expect(isHome([])).toBe(false)
    expect(isHome([{ pickId: 7, outcome: 'home' }])).toBe(true)
    expect(isHome([{ pickId: 6, outcome: 'home' }])).toBe(false)
    // Pressed once more and cracked, or lifted on one side, it is home no more.
    for (const outcome of ['cracked', 'high-on-one-side'] as const)
      expect(
        isHome([
          { pickId: 7, outcome: 'home' },
          { pickId: 7, outcome },
        ]),
      ).toBe(false)
    expect(isHome([{ pickId: 7, outcome: 'loose' }])).toBe(false)
    expect(openAt('match', { picked }).join()).not.toMatch(/not picked/)
    expect(openAt('match', {}).join()).toMatch(/not picked/)
    // What cracked under the press is to be picked anew, until one went home after it.
    const pressed = (...outcomes: readonly ('cracked' | 'home')[]) =>
      openAt('match', { picked, pressRuns: outcomes.map((outcome) => ({ pickId: 7, outcome })) }).join()
    expect(pressed('cracked')).toMatch(/not picked/)
    expect(pressed('cracked', 'home')).not.toMatch(/not picked/)
  })
})
