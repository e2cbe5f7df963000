import type { HandTip } from '../fit/CrystalSeat'
import { handGaps } from './handGaps'
import type { HandHeight, OverDial } from './handHeights'
import { handHeights } from './handHeights'
import { HAND_POLICY } from './handPolicy'
import { standingHands } from './standingHands'

const AT = new Date('2026-11-24T09:00:00Z')
const later = (minutes: number) => new Date(AT.getTime() + minutes * 60_000)

const height = (of: OverDial, heightMm: number, readings = 1): HandHeight => ({
  ...{ of, heightMm, readings },
  at: AT.toISOString(),
})
const read = (dimension: string, shownMm: number, takenAt = AT, zeroOffsetMm = 0) => ({
  ...{ dimension, shownMm, takenAt, zeroOffsetMm },
})

/** A dial 2.0 under the seat, a flat crystal of 30 on a foot of .2. */
const GLASS = {
  dialBelowSeat: { valueMm: 2, standardUncertaintyMm: 0.03, origin: 'measured' },
  underside: { diameterMm: 30, undersideRiseMm: 0, insideMagnifierMm: null },
  underEdgeMm: 0.2,
  handTips: [{ hand: 'minute', reachMm: 12 }] as readonly HandTip[],
  leastMm: 0.25,
} as const

describe('handHeights', () => {
  it('counts of a hand what was read since it was set, and of a marker all', () => {
    const readings = [
      read('marker-over-dial', 0.4),
      read('hour-hand-over-dial', 0.9),
      read('hour-hand-over-dial', 0.81, later(20), 0.01),
      read('hour-hand-over-dial', 0.83, later(21), 0.01),
      read('rim-height', 0.2, later(22)),
    ]
    const moves = [{ part: 'hand', at: later(10).toISOString() }] as const
    expect(handHeights(readings, moves)).toEqual([
      expect.objectContaining({ of: 'marker', heightMm: 0.4 }),
      { of: 'hour', heightMm: expect.closeTo(0.81, 9) as number, readings: 2, at: later(21).toISOString() },
    ])
    // Hands that never moved stand as they were read.
    expect(handHeights(readings, []).at(-1)).toMatchObject({ of: 'hour', readings: 3 })
    expect(handHeights([], moves)).toEqual([])
  })
})

describe('handGaps', () => {
  const gaps = (heights: readonly HandHeight[], glass: Parameters<typeof handGaps>[1] = null) =>
    handGaps(heights, glass, HAND_POLICY)

  it('is the upper hand’s underside over what stands next under it', () => {
    // .90 − .15 thick − .40 of the marker; 1.10 − .15 − .90.
    expect(gaps([height('minute', 1.1), height('marker', 0.4), height('hour', 0.9)])).toEqual([
      expect.objectContaining({ between: 'highest marker to hour hand', state: 'clear' }),
      expect.objectContaining({ between: 'hour hand to minute hand', state: 'close' }),
    ])
    const [first, second] = gaps([height('marker', 0.4), height('hour', 0.9), height('minute', 1.1)])
    expect(first?.roomMm).toBeCloseTo(0.35, 9)
    expect(second?.roomMm).toBeCloseTo(0.05, 9)
    // Two readings of .02 each and a thickness of .03, twice their root sum.
    expect(second?.doubtMm).toBeCloseTo(2 * Math.hypot(0.02, 0.02, 0.03), 9)
    expect(gaps([height('hour', 0.9, 4), height('minute', 1.2, 4)])[0]?.doubtMm).toBeCloseTo(
      2 * Math.hypot(0.01, 0.01, 0.03),
      9,
    )
  })

  it('goes by what is highest: a small seconds hand runs under the hour hand', () => {
    expect(
      gaps([height('hour', 0.9), height('second', 0.5), height('minute', 1.3)]).map(({ between }) => between),
    ).toEqual(['second hand to hour hand', 'hour hand to minute hand'])
    // A marker higher than a hand is no gap.
    expect(gaps([height('hour', 0.5), height('marker', 0.6)])).toEqual([])
  })

  it('touches where nothing is left', () => {
    expect(gaps([height('hour', 0.9), height('minute', 1)])[0]).toMatchObject({ state: 'touches' })
  })

  it('tells the room of each hand under the glass, lowest at the edge where its length is not known', () => {
    const flat = gaps([height('minute', 1.8)], GLASS)
    expect(flat).toEqual([expect.objectContaining({ between: 'minute hand to the glass', state: 'clear' })])
    expect(flat[0]?.roomMm).toBeCloseTo(2 + 0.2 - 1.8, 9)
    const domed = { ...GLASS, underside: { ...GLASS.underside, undersideRiseMm: 1 } }
    const [atTip] = gaps([height('minute', 1.8)], domed)
    const [atEdge] = gaps([height('second', 1.8)], domed)
    // A sphere through edge and rise: R = (15² + 1²)/2 = 113, so at 12 it stands 113 − (113 − 1) = … above the edge.
    const at12 = Math.sqrt(113 ** 2 - 12 ** 2) - 112
    expect(atTip?.roomMm).toBeCloseTo(0.4 + at12, 6)
    expect(atEdge?.roomMm).toBeCloseTo(0.4, 9)
  })
})

describe('standingHands', () => {
  const stands = (...heights: readonly HandHeight[]) => standingHands(heights, null, HAND_POLICY)

  it('says the tightest place, and is right where every one has its room', () => {
    expect(stands(height('hour', 0.9), height('minute', 1.3), height('second', 1.65))).toMatchObject({
      isRight: true,
      words: 'minute hand to second hand 0.20, the tightest place',
    })
    // Room, but its doubt reaches down to what is wanted: no ✓.
    expect(stands(height('hour', 0.9), height('minute', 1.3), height('second', 1.6))).toMatchObject({
      isRight: null,
      words: 'minute hand to second hand 0.15, not surely the 0.08 wanted',
    })
    expect(stands(height('hour', 0.9), height('minute', 1.1), height('second', 1.6))).toMatchObject({
      isRight: false,
      words: 'hour hand to minute hand 0.05, at least 0.08 wanted',
    })
    expect(stands(height('hour', 0.9), height('minute', 1))).toMatchObject({
      isRight: false,
      words: 'hour hand to minute hand: no room, 0.05 too little',
    })
  })

  it('says nothing of one height alone', () => {
    expect(stands(height('hour', 0.9))).toBeNull()
    expect(stands()).toBeNull()
  })
})
