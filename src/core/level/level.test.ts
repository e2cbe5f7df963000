import fc from 'fast-check'
import { fitRimPlane } from './fitRimPlane'
import { judgeRim } from './judgeRim'
import { layAgain, layFirst } from './layWords'
import { leansOf } from './leanPasses'
import { leftHourFor } from './leftHourFor'
import { LEVEL_POLICY } from './levelPolicy'
import { heavySideDeg, pressAngleDeg, pressLean, sideAt } from './pressLean'
import type { RimReading } from './readRim'
import { readRim } from './readRim'
import type { RimHeight } from './RimHeight'
import { highSideDeg, rotatedTilt, tiltMm } from './RimHeight'
import { rimPasses } from './rimPasses'
import { clockText, nearestHour, placesOf, RIM_PATTERNS, RIM_PLACES } from './rimPlaces'

const round = (directions: readonly number[], height: (directionDeg: number) => number): RimHeight[] =>
  directions.map((directionDeg) => ({ directionDeg, heightMm: height(directionDeg) }))
const FOUR = [0, 90, 180, 270]
const SIX = [0, 60, 120, 180, 240, 300]
const EIGHT = [0, 45, 90, 135, 180, 225, 270, 315]
const cos = (deg: number) => Math.cos((deg * Math.PI) / 180)

function read(heights: readonly RimHeight[]): RimReading {
  const outcome = readRim(heights)
  if (!outcome.ok) throw new Error(outcome.reason)
  return outcome.reading
}
const judge = (heights: readonly RimHeight[]) => judgeRim(read(heights), LEVEL_POLICY)

describe('fitRimPlane', () => {
  it('gives the worked value: .52 .48 .44 .50 lies .485 high and leans .0825 towards 346°', () => {
    const heights = [0.52, 0.48, 0.44, 0.5]
    const outcome = fitRimPlane(round(FOUR, (deg) => heights[deg / 90] ?? NaN))
    if (!outcome.ok) throw new Error(outcome.reason)
    const { meanMm, tilt, residualsMm } = outcome.plane
    expect(meanMm).toBeCloseTo(0.485, 9)
    expect(tilt.towards12Mm / 2).toBeCloseTo(0.04, 9)
    expect(tilt.towards3Mm / 2).toBeCloseTo(-0.01, 9)
    expect(tiltMm(tilt)).toBeCloseTo(0.0825, 4)
    expect(highSideDeg(tilt)).toBeCloseTo(346, 0)
    for (const left of residualsMm) expect(Math.abs(left)).toBeCloseTo(0.005, 9)
  })

  it('gives back any plane, wherever three places or more were read', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.uniqueArray(fc.integer({ min: 0, max: 11 }), { minLength: 3, maxLength: 12 }),
        (towards12Mm, towards3Mm, hours) => {
          const at = (deg: number) => 0.4 + (towards12Mm * cos(deg)) / 2 + (towards3Mm * cos(deg - 90)) / 2
          const outcome = fitRimPlane(
            round(
              hours.map((hour) => hour * 30),
              at,
            ),
          )
          if (!outcome.ok) throw new Error(outcome.reason)
          expect(outcome.plane.tilt.towards12Mm).toBeCloseTo(towards12Mm, 6)
          expect(outcome.plane.tilt.towards3Mm).toBeCloseTo(towards3Mm, 6)
        },
      ),
    )
  })

  it('needs three places: 0 and 360 are one', () => {
    expect(fitRimPlane(round([0, 360, 90], () => 0.4))).toEqual({ ok: false, reason: 'too-few-places' })
    expect(readRim(round([0, 90], () => 0.4))).toEqual({ ok: false, reason: 'too-few-places' })
  })

  it('refuses a height that is none', () => {
    expect(() => fitRimPlane(round(FOUR, () => NaN))).toThrow(/heightMm/)
    expect(() => readRim(round(FOUR, () => Infinity))).toThrow(/heightMm/)
  })
})

describe('places of a rim', () => {
  it('asks for opposite places first, each pattern for its own number of them, evenly round', () => {
    for (const pattern of RIM_PATTERNS) {
      const degrees = placesOf(pattern).map((index) => RIM_PLACES[index]?.directionDeg ?? NaN)
      expect(degrees.slice(0, 2)).toEqual([0, 180])
      const sorted = [...degrees].sort((a, b) => a - b)
      expect(sorted).toEqual(Array.from({ length: pattern }, (_, i) => (360 / pattern) * i))
    }
  })

  it('names directions by the clock', () => {
    expect(clockText(346)).toBe('between 11 and 12')
    expect(clockText(0)).toBe('at 12')
    expect(clockText(-90)).toBe('at 9')
    expect(clockText(15)).toBe('between 12 and 1')
    expect(clockText(359)).toBe('at 12')
    expect(nearestHour(359)).toBe(12)
    expect(nearestHour(-31)).toBe(11)
  })
})

describe('readRim', () => {
  const leaning = (deg: number) => 0.48 + 0.04 * cos(deg)

  it('tells the tilt of a clean rim', () => {
    const { tilt, oddity } = read(round(EIGHT, leaning))
    expect(tiltMm(tilt)).toBeCloseTo(0.08, 2)
    expect(oddity).toBeNull()
  })

  it.each([SIX, EIGHT])(
    'names the place that stands on something, and leaves it out of the tilt',
    (...places) => {
      for (const dirty of places) {
        const { tilt, oddity } = read(round(places, (deg) => leaning(deg) + (deg === dirty ? 0.1 : 0)))
        expect(oddity).toMatchObject({ kind: 'dirt', directionDeg: dirty })
        expect(tiltMm(tilt)).toBeGreaterThan(0.055)
        expect(tiltMm(tilt)).toBeLessThan(0.105)
      }
    },
  )

  it('names no place of four: dirt at one, at its opposite and a warp look the same', () => {
    const lifted = (at: number) => read(round(FOUR, (deg) => 0.48 + (deg === at ? 0.1 : 0))).oddity
    expect(lifted(0)).toEqual({ kind: 'dirt-or-warp' })
    expect(lifted(180)).toEqual({ kind: 'dirt-or-warp' })
    expect(read(round(FOUR, (deg) => 0.48 + 0.025 * cos(2 * deg))).oddity).toEqual({ kind: 'dirt-or-warp' })
  })

  it('tells a warp by its two opposite sides', () => {
    const { oddity } = read(round(EIGHT, (deg) => 0.48 + 0.03 * cos(2 * (deg - 30))))
    if (oddity?.kind !== 'warp') throw new Error('not a warp')
    expect(oddity.axisDeg).toBeCloseTo(30, 0)
    expect(oddity.heightMm).toBeGreaterThan(0.05)
  })

  it('turns with the case', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...EIGHT),
        fc.double({ min: 0.02, max: 0.15, noNaN: true }),
        (turn, size) => {
          const still = read(round(EIGHT, (deg) => 0.3 + (size / 2) * cos(deg - 20)))
          const moved = read(round(EIGHT, (deg) => 0.3 + (size / 2) * cos(deg - 20 - turn)))
          const back = rotatedTilt(moved.tilt, -turn)
          expect(back.towards12Mm).toBeCloseTo(still.tilt.towards12Mm, 6)
          expect(back.towards3Mm).toBeCloseTo(still.tilt.towards3Mm, 6)
        },
      ),
    )
  })

  it('takes a place read twice by its mean, and is surer with more places', () => {
    const once = read(round(FOUR, leaning))
    const twice = read([...round(FOUR, leaning), { directionDeg: 360, heightMm: leaning(0) }])
    expect(tiltMm(twice.tilt)).toBeCloseTo(tiltMm(once.tilt), 9)
    expect(read(round(EIGHT, leaning)).standardUncertaintyMm).toBeLessThan(once.standardUncertaintyMm)
  })
})

describe('judgeRim', () => {
  it('says how high, where, and what to do', () => {
    expect(judge(round(FOUR, (deg) => 0.485 + 0.04 * cos(deg) - 0.01 * cos(deg - 90)))).toMatchObject({
      advice: 'press-again',
      isLevel: false,
      words: '0.08 high between 11 and 12',
    })
    expect(judge(round(FOUR, (deg) => 0.5 + 0.05 * cos(deg - 90))).words).toBe('0.10 high at 3')
    expect(judge(round(FOUR, () => 0.5))).toMatchObject({ advice: 'level', isLevel: true })
  })

  it('sends dirt to be cleaned out before it is pressed again', () => {
    const dirty = judge(round(EIGHT, (deg) => 0.48 + (deg === 135 ? 0.09 : 0)))
    expect(dirty).toMatchObject({ advice: 'clean', isLevel: false })
    expect(dirty.words).toMatch(/^0\.0\d up between 4 and 5 alone$/)
  })

  it('asks for more places where four do not tell', () => {
    expect(judge(round(FOUR, (deg) => 0.48 + (deg === 90 ? 0.1 : 0)))).toMatchObject({
      advice: 'read-more',
      isLevel: false,
    })
  })

  it('lets a slight warp stay and not a strong one', () => {
    const warped = (mm: number) => judge(round(EIGHT, (deg) => 0.48 + (mm / 2) * cos(2 * deg)))
    expect(warped(0.09)).toMatchObject({ advice: 'bent', isLevel: false })
    expect(warped(0.02).isLevel).toBe(true)
  })
})

describe('pressLean', () => {
  const lean = { towards12Mm: 0, towards3Mm: 0.06 }
  /** A case that lay with an hour at the left, as a press that leaves its right high would leave it. */
  const pass = (leftHour: number) => ({ leftHour, tilt: rotatedTilt(lean, -pressAngleDeg(leftHour)) })

  it('finds the same lean however cases lay', () => {
    const found = pressLean([12, 3, 6, 9, 1, 8].map(pass))
    if (!found) throw new Error('nothing learned')
    expect(found.tilt.towards3Mm).toBeCloseTo(0.06, 9)
    expect(found.tilt.towards12Mm).toBeCloseTo(0, 9)
    expect(found).toMatchObject({ jobs: 6, isKnown: true })
    expect(sideAt(highSideDeg(found.tilt))).toBe('right')
    expect(sideAt(heavySideDeg(found))).toBe('left')
  })

  it('puts 12 at the left where 12 is said to lie there', () => {
    // The case's 12 then lies at 270° of the press: what is high at 12 is high at the left.
    const seen = rotatedTilt({ towards12Mm: 0.05, towards3Mm: 0 }, pressAngleDeg(12))
    expect(sideAt(highSideDeg(seen))).toBe('left')
  })

  it('says nothing of two jobs, and does not believe what may be chance', () => {
    expect(pressLean([12, 3].map(pass))).toBeNull()
    const scattered = [0.03, -0.03, 0.02, -0.02].map((towards3Mm) => ({
      leftHour: 9,
      tilt: { towards12Mm: 0, towards3Mm },
    }))
    expect(pressLean(scattered)?.isKnown).toBe(false)
  })

  it('lays the high side where the press pushes further', () => {
    const known = pressLean([12, 3, 6, 9].map(pass))
    // It pushes its left further: what is high at 12 comes to the left.
    const again = layAgain({ towards12Mm: 0.08, towards3Mm: 0 }, known, 12)
    expect(again.leftHour).toBe(12)
    expect(again.why).toMatch(/at its left, which it pushes 0\.06 ±0\.02 further \(4 jobs\)/)
    expect(leftHourFor(346, 90)).toBe(6)
  })

  it('turns it half round where the lean is not known', () => {
    const unknown = (laid: number | null) => layAgain({ towards12Mm: 0, towards3Mm: 0.08 }, null, laid)
    expect(unknown(12)).toMatchObject({
      leftHour: 6,
      action: expect.stringMatching(/half round, 6 at/) as string,
    })
    expect(unknown(3).leftHour).toBe(9)
    expect(unknown(9).leftHour).toBe(3)
    expect(unknown(null).leftHour).toBeNull()
  })

  it('starts every case the same way, and half turns it under a press that leans', () => {
    expect(layFirst(null)).toMatchObject({ leftHour: 12 })
    const known = layFirst(pressLean([12, 3, 6, 9].map(pass)))
    expect(known.action).toMatch(/half round/)
    expect(known.why).toMatch(/0\.06 ±0\.02 further, from 4 jobs/)
  })
})

describe('rimPasses and leansOf', () => {
  const at = (minute: number) => new Date(Date.UTC(2026, 10, 24, 10, minute))
  const run = (id: number, minute: number, over = {}) => ({
    id,
    ranAt: at(minute),
    pickId: 1,
    pressId: 7,
    quarterTurns: 0,
    leftHour: 12,
    ...over,
  })
  const height = (placeIndex: number, minute: number, shownMm = 0.4) => ({
    dimension: 'rim-height',
    placeIndex,
    shownMm,
    zeroOffsetMm: 0.1,
    takenAt: at(minute),
  })

  it('gives each height to the push before it, its zero taken off', () => {
    const [first, second] = rimPasses(
      [run(1, 10), run(2, 20)],
      [height(0, 5), height(0, 12), height(1, 21), { ...height(2, 22), dimension: 'bore' }],
    )
    expect(first?.heights).toEqual([
      { placeIndex: 0, directionDeg: 0, heightMm: expect.closeTo(0.3, 9) as number },
    ])
    expect(second?.heights.map(({ placeIndex }) => placeIndex)).toEqual([1])
  })

  const tray = (over = {}) => ({
    runs: [run(1, 10, over)],
    readings: [0, 1, 2, 3].map((place) => height(place, 11, place === 0 ? 0.45 : place === 1 ? 0.35 : 0.4)),
  })

  it('learns from first pushes that lay in a known way and were not turned, and from no others', () => {
    const learned = leansOf([tray(), tray(), tray(), tray({ quarterTurns: 2 }), tray({ leftHour: null })])
    expect(learned.get(7)).toMatchObject({ jobs: 3 })
    expect(leansOf([tray({ quarterTurns: 1 }), tray({ leftHour: null }), tray({ pressId: null })]).size).toBe(
      0,
    )
    const again = { runs: [run(1, 10, { quarterTurns: 4 }), run(2, 10)], readings: tray().readings }
    expect(leansOf([again, again, again]).size).toBe(0)
  })
})
