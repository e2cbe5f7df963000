import fc from 'fast-check'
import { chordBetweenNotches, MOST_NOTCHES, notchCircleFromChord } from './chordBetweenNotches'
import { pinSetting } from './pinTriple'
import { screwOrder } from './screwOrder'

const circleMm = fc.double({ min: 15, max: 45, noNaN: true })
const count = fc.integer({ min: 3, max: MOST_NOTCHES })

describe('chordBetweenNotches', () => {
  it('is the same clockwise and anticlockwise, and gives back its circle', () => {
    fc.assert(
      fc.property(circleMm, count, fc.nat(), (d, n, seed) => {
        const k = 1 + (seed % (n - 1))
        const chord = chordBetweenNotches(d, n, k)
        expect(chord).toBeCloseTo(chordBetweenNotches(d, n, n - k), 9)
        expect(chord).toBeLessThanOrEqual(d + 1e-9)
        expect(notchCircleFromChord(chord, n, k)).toBeCloseTo(d, 9)
      }),
    )
  })

  it('refuses absurd counts and steps', () => {
    expect(() => chordBetweenNotches(30, 1, 1)).toThrow(/notchCount/)
    expect(() => chordBetweenNotches(30, 600, 2)).toThrow(/notchCount/)
    expect(() => chordBetweenNotches(30, 6, 6)).toThrow(/skip/)
    expect(() => chordBetweenNotches(0, 6, 2)).toThrow(/notchCircleMm/)
  })
})

describe('pinSetting', () => {
  it('is the most even of all triples of notches, tried one by one', () => {
    for (let n = 3; n <= MOST_NOTCHES; n++) {
      let best = 0
      for (let b = 1; b < n - 1; b++) {
        for (let c = b + 1; c < n; c++) best = Math.max(best, (180 * Math.min(b, c - b, n - c)) / n)
      }
      const setting = pinSetting(34, n)
      expect(setting.grip !== 'two-pins' && setting.triple.smallestAngleDeg).toBeCloseTo(best, 9)
    }
  })

  it('places the third pin where the notches are', () => {
    fc.assert(
      fc.property(circleMm, count, (d, n) => {
        const setting = pinSetting(d, n)
        if (setting.grip === 'two-pins') throw new Error('three or more notches')
        const { notches, pairSpacingMm, thirdPinDistanceMm } = setting.triple
        const [a, b, c] = notches.map((i) => ({
          x: (d / 2) * Math.sin((2 * Math.PI * i) / n),
          y: (d / 2) * Math.cos((2 * Math.PI * i) / n),
        }))
        if (!a || !b || !c) throw new Error('three pins')
        const cross = Math.abs((b.x - a.x) * (a.y - c.y) - (a.x - c.x) * (b.y - a.y))
        expect(Math.hypot(b.x - a.x, b.y - a.y)).toBeCloseTo(pairSpacingMm, 9)
        expect(cross / pairSpacingMm).toBeCloseTo(thirdPinDistanceMm, 9)
      }),
    )
  })

  it('uses two pins for two notches', () => {
    expect(pinSetting(30, 2)).toMatchObject({ grip: 'two-pins', spacingMm: 30 })
  })
})

describe('screwOrder', () => {
  it('visits each screw once and always jumps across', () => {
    for (let n = 1; n <= MOST_NOTCHES; n++) {
      const order = screwOrder(n)
      expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i))
      for (let i = 1; i < n; i++) {
        const step = Math.abs((order[i] ?? 0) - (order[i - 1] ?? 0))
        const apart = Math.min(step, n - step)
        // Opposite each time, or the point of a star; from one pair to the next never to a neighbour.
        if (n % 2 === 1 || i % 2 === 1) expect(apart).toBe(Math.max(1, Math.floor(n / 2)))
        else if (n > 6) expect(apart).toBeGreaterThan(1)
      }
    }
  })

  it('refuses a count that is none', () => {
    expect(() => screwOrder(0)).toThrow(RangeError)
    expect(() => screwOrder(2.5)).toThrow(RangeError)
  })
})
