import { randomLcg } from 'd3-random'
import PerspT from 'perspective-transform'
import { homographyFrom, homographyOfRectangle, pictureOf } from '@/core/photo-gauge/homography'
import type { Pixel } from '@/core/photo-gauge/GreyImage'

const SIZE = { widthMm: 110, heightMm: 80 }
const CORNERS = [
  { xMm: 0, yMm: 0 },
  { xMm: 110, yMm: 0 },
  { xMm: 110, yMm: 80 },
  { xMm: 0, yMm: 80 },
]

type Four = [Pixel, Pixel, Pixel, Pixel]

/** Fours as a hand-held camera sees a sheet: every corner somewhere else, still convex. */
function seenCorners(random: () => number): Four {
  const near = (x: number, y: number) => ({ x: x + 500 * (random() - 0.5), y: y + 400 * (random() - 0.5) })
  return [near(400, 400), near(2400, 380), near(2450, 1700), near(380, 1650)]
}

describe('homography', () => {
  it('agrees with the closed form of Heckbert (1989) on the unit square to a trapezium', () => {
    // 0 0, 1 0, 1 1, 0 1 to 0 0, 4 0, 3 2, 1 2: g = 0, h = 1 by the formulas of 2.2.3, worked by hand.
    const h = homographyOfRectangle({ widthMm: 1, heightMm: 1 }, [
      { x: 0, y: 0 },
      { x: 4, y: 0 },
      { x: 3, y: 2 },
      { x: 1, y: 2 },
    ])
    expect(h?.[6]).toBeCloseTo(0, 12)
    expect(h?.[7]).toBeCloseTo(1, 12)
    const middle = h && pictureOf({ xMm: 0.5, yMm: 1 }, h)
    expect(middle?.x).toBeCloseTo(2, 12)
    expect(middle?.y).toBeCloseTo(2, 12)
  })

  it('agrees with a registry package (perspective-transform) and with itself in closed form on 100 fours', () => {
    const random = randomLcg(0.61)
    for (let i = 0; i < 100; i++) {
      const corners = seenCorners(random)
      const pairs = CORNERS.map((sheet, at) => ({ sheet, picture: corners[at] ?? { x: 0, y: 0 } }))
      const linear = homographyFrom(pairs)
      const closed = homographyOfRectangle(SIZE, corners)
      const reference = PerspT(
        CORNERS.flatMap(({ xMm, yMm }) => [xMm, yMm]),
        corners.flatMap(({ x, y }) => [x, y]),
      )
      if (!linear || !closed) throw new Error('not settled')
      for (let n = 0; n < 5; n++) {
        const place = { xMm: 110 * random(), yMm: 80 * random() }
        const [x, y] = reference.transform(place.xMm, place.yMm)
        for (const h of [linear, closed]) {
          expect(Math.abs(pictureOf(place, h).x - x)).toBeLessThan(1e-3)
          expect(Math.abs(pictureOf(place, h).y - y)).toBeLessThan(1e-3)
        }
        expect(Math.abs(pictureOf(place, linear).x - pictureOf(place, closed).x)).toBeLessThan(1e-6)
      }
    }
  })
})
