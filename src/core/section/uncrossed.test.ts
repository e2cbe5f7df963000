import { describe, expect, it } from '@jest/globals'
import fc from 'fast-check'
import type { ScreenLine, ScreenPoint } from './uncrossed'
import { uncrossed } from './uncrossed'

const slots = (count: number): ScreenPoint[] => Array.from({ length: count }, (_, i) => ({ x: 0, y: 40 * i }))

/** Strictly on both sides: lines that only touch do not cross. */
function crossings(from: readonly ScreenPoint[], to: readonly ScreenPoint[]): number {
  const turn = (p: ScreenPoint, q: ScreenPoint, r: ScreenPoint) =>
    (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x)
  let count = 0
  from.forEach((a, i) => {
    for (let j = i + 1; j < from.length; j++) {
      const [b, c, d] = [to[i], from[j], to[j]]
      if (!b || !c || !d) continue
      if (turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0) count++
    }
  })
  return count
}

describe('uncrossed', () => {
  it('puts a place that lies farther off above one below it, when the lines would cross else', () => {
    const places = [
      { x: 30, y: 38 },
      { x: 300, y: 40 },
    ]
    // By height the near one had the upper slot; its line would cross the one to the far place.
    expect(uncrossed(places, slots(2)).map(({ y }) => y)).toEqual([40, 0])
  })

  it('gives each place one slot, none twice, and nothing for nothing', () => {
    const places = [5, 3, 1].map((y) => ({ x: 100, y: 30 * y }))
    expect(uncrossed(places, slots(3)).map(({ y }) => y)).toEqual([80, 40, 0])
    expect(uncrossed([], [])).toEqual([])
  })

  it('never leaves lines crossed: from a column there is always a way', () => {
    const place = fc.record({ x: fc.integer({ min: 20, max: 400 }), y: fc.integer({ min: 0, max: 300 }) })
    fc.assert(
      fc.property(fc.uniqueArray(place, { minLength: 1, maxLength: 5, selector: (p) => p.y }), (places) => {
        const given = uncrossed(places, slots(places.length))
        expect(new Set(given).size).toBe(places.length)
        expect(crossings(places, given)).toBe(0)
      }),
    )
  })

  it('goes round a line of another column, even by a longer way', () => {
    const places = [
      { x: 170, y: 50 },
      { x: 84, y: 78 },
    ]
    const apart = [
      { x: 0, y: 90 },
      { x: 0, y: 135 },
    ]
    const heights = (drawn: readonly ScreenLine[]) => uncrossed(places, apart, drawn).map(({ y }) => y)
    const fromRight: ScreenLine = [
      { x: 314, y: 112 },
      { x: 98, y: 75 },
    ]
    expect(heights([])).toEqual([135, 90])
    expect(heights([fromRight])).toEqual([90, 135])
  })

  it('counts no line that its own would only meet if it went on', () => {
    const places = [
      { x: 100, y: 10 },
      { x: 100, y: 50 },
    ]
    const beyond: ScreenLine = [
      { x: 300, y: 0 },
      { x: 300, y: 60 },
    ]
    const apart = [
      { x: 0, y: 10 },
      { x: 0, y: 50 },
    ]
    expect(uncrossed(places, apart, [beyond]).map(({ y }) => y)).toEqual([10, 50])
  })

  it('keeps the order of the places where there are too many to try', () => {
    const places = Array.from({ length: 8 }, (_, i) => ({ x: 100, y: 300 - 10 * i }))
    expect(uncrossed(places, slots(8)).map(({ y }) => y)).toEqual([280, 240, 200, 160, 120, 80, 40, 0])
  })

  it('refuses too few slots', () => {
    expect(() => uncrossed([{ x: 0, y: 0 }], [])).toThrow(/got 0, 1/)
  })
})
