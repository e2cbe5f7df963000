import { DIMENSION_IDS, DIMENSIONS } from '../readings/dimensions'
import { placeLine } from './placeLine'

const ends = (dimension: Parameters<typeof placeLine>[0], placeIndex: number) => {
  const found = placeLine(dimension, placeIndex, 10)
  if (found?.kind !== 'across') throw new Error('not across')
  return found.ends
}

describe('placeLine', () => {
  it('draws 12–6 upright and 3–9 level, from rim to rim', () => {
    const [top, bottom] = ends('bore', 0)
    expect(top.xMm).toBeCloseTo(0, 9)
    expect(top.yMm).toBeCloseTo(-10, 9)
    expect(bottom.yMm).toBeCloseTo(10, 9)
    const [right, left] = ends('bore', 2)
    expect([right.xMm, left.xMm]).toEqual([expect.closeTo(10, 9), expect.closeTo(-10, 9)])
  })

  it('puts a thickness at 4 on the lower right of the rim', () => {
    const spot = placeLine('crystal-edge', 1, 10)
    if (spot?.kind !== 'spot') throw new Error('not a spot')
    expect(spot.at.xMm).toBeGreaterThan(0)
    expect(spot.at.yMm).toBeGreaterThan(0)
    expect(Math.hypot(spot.at.xMm, spot.at.yMm)).toBeCloseTo(10, 9)
  })

  it('lays the three readings of a rebate side beside each other, the middle one through the middle', () => {
    expect([0, 1, 2].map((i) => ends('rebate-length', i)[0].xMm)).toEqual([-5.5, 0, 5.5])
    expect([0, 1, 2].map((i) => ends('rebate-width', i)[0].yMm)).toEqual([-5.5, 0, 5.5])
  })

  it('has nowhere to draw a free ring or a dome’s middle', () => {
    expect(placeLine('gasket-wall', 0, 10)).toBeNull()
    expect(placeLine('dome-height', 0, 10)).toBeNull()
  })

  it('draws every place that is a direction or on the rim', () => {
    for (const id of DIMENSION_IDS) {
      const { directionsDeg, roundDeg, places } = DIMENSIONS[id]
      if (directionsDeg || roundDeg) {
        for (const index of places.keys()) expect(placeLine(id, index, 10)).not.toBeNull()
      }
    }
  })

  it('refuses a radius of nothing', () => {
    expect(() => placeLine('bore', 0, 0)).toThrow(/radiusMm/)
  })
})
