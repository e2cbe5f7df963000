import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptPick, keptReading, keptTray } from '../../../tests/factories/keptTray'
import { cameOff, OFF_AT } from '../../../tests/factories/trailEvents'
import { policyWith } from '../policy/policyChanges'
import type { KeptTray } from './KeptTray'
import { trayCase } from './trayCase'

const RULES = { policy: policyWith({}), schools: {}, invented: false }
const LATER = new Date('2026-11-24T11:00:00.000Z')
/** As read after the hands were set. */
const over = (dimension: 'marker-over-dial' | 'hour-hand-over-dial' | 'minute-hand-over-dial', mm: number) =>
  keptReading(Math.round(100 * mm), dimension, mm, { takenAt: LATER, zeroOffsetMm: 0 })
const READ = [
  over('marker-over-dial', 0.4),
  over('hour-hand-over-dial', 0.9),
  over('minute-hand-over-dial', 1.1),
]
const hands = (more: Partial<KeptTray> = {}) => trayCase(keptTray({ readings: READ, ...more }), RULES)

describe('hands of a tray', () => {
  it('that have too little room hold it at Close, whatever was ticked', () => {
    const { hands: found, stages } = hands()
    expect(found.standing).toMatchObject({
      isRight: false,
      words: expect.stringMatching(/^hour hand to min/) as string,
    })
    const close = stages.find(({ stage }) => stage === 'close')
    expect(close?.demands).toContainEqual(
      expect.objectContaining({
        subject: 'hands',
        met: false,
        open: expect.stringMatching(/^hands: hour hand/) as string,
      }),
    )
    const none = trayCase(keptTray(), RULES).stages.find(({ stage }) => stage === 'close')
    expect(none?.demands.map(({ subject }) => subject)).not.toContain('hands')
  })

  it('have no height while they are off, nor one from before they were set again', () => {
    expect(hands({ trail: [cameOff(1, 'hand')] }).hands).toMatchObject({
      heights: [expect.objectContaining({ of: 'marker' })],
      standing: null,
    })
    const before = READ.map((reading) => ({ ...reading, takenAt: new Date('2026-11-24T09:00:00.000Z') }))
    const on = { id: 2, at: OFF_AT, kind: 'back', offId: 1, count: 1, reason: '' } as const
    expect(hands({ readings: before, trail: [cameOff(1, 'hand'), on] }).hands.heights).toHaveLength(1)
  })

  it('are told their room under the glass that is picked, once the dial’s depth is known', () => {
    const picked = keptPick(3)
    const deep = hands({ sheet: caseSheet({ dialBelowSeatMm: 2 }), picked }).hands.standing?.gaps ?? []
    const toGlass = deep.filter(({ between }) => between.endsWith('to the glass'))
    expect(toGlass.map(({ roomMm }) => Number(roomMm.toFixed(3)))).toEqual([1.1, 0.9])
    const unknown = hands({ picked }).hands.standing?.gaps ?? []
    expect(unknown.some(({ between }) => between.endsWith('to the glass'))).toBe(false)
  })
})
