import fc from 'fast-check'
import type { Homography } from './homography'
import {
  homographyFrom,
  homographyOfRectangle,
  inverseHomography,
  pictureOf,
  pixelsPerMm,
  sheetOf,
} from './homography'

const tilted: Homography = [18, 0.9, 210, -0.7, 17.5, 160, 0.0004, -0.0003, 1]
const places = [0, 55, 110].flatMap((xMm) => [0, 40, 80].map((yMm) => ({ xMm, yMm })))

describe('homographyFrom', () => {
  it('gives back the view the pairs were made with', () => {
    const h = homographyFrom(places.map((sheet) => ({ sheet, picture: pictureOf(sheet, tilted) })))
    expect(h).not.toBeNull()
    for (const [i, value] of tilted.entries()) expect(h?.[i]).toBeCloseTo(value, 7)
  })

  it('is found for places as near as parts of a millimetre', () => {
    const near = places.map(({ xMm, yMm }) => ({ xMm: xMm / 400, yMm: yMm / 400 }))
    const h = homographyFrom(near.map((sheet) => ({ sheet, picture: pictureOf(sheet, tilted) })))
    for (const [i, value] of tilted.entries()) expect(h?.[i]).toBeCloseTo(value, 3)
  })

  it('is not settled by three pairs, nor by points on one line', () => {
    const pairs = places.map((sheet) => ({ sheet, picture: pictureOf(sheet, tilted) }))
    expect(homographyFrom(pairs.slice(0, 3))).toBeNull()
    const line = [0, 20, 50, 90].map((xMm) => ({ xMm, yMm: 2 * xMm }))
    expect(homographyFrom(line.map((sheet) => ({ sheet, picture: pictureOf(sheet, tilted) })))).toBeNull()
  })
})

describe('inverseHomography', () => {
  it('leads back from everywhere', () => {
    const back = inverseHomography(tilted)
    if (!back) throw new Error('no way back')
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 130, noNaN: true }),
        fc.double({ min: -20, max: 100, noNaN: true }),
        (xMm, yMm) => {
          const place = sheetOf(pictureOf({ xMm, yMm }, tilted), back)
          expect(place.xMm).toBeCloseTo(xMm, 6)
          expect(place.yMm).toBeCloseTo(yMm, 6)
        },
      ),
    )
  })

  it('has none when the view flattens everything to a line', () => {
    expect(inverseHomography([1, 2, 0, 2, 4, 0, 0, 0, 1])).toBeNull()
  })
})

describe('homographyOfRectangle', () => {
  it('refuses corners on one line', () => {
    const flat = [0, 10, 20, 30].map((x) => ({ x, y: 2 * x }))
    const [a, b, c, d] = flat
    if (!a || !b || !c || !d) throw new Error('four corners')
    expect(homographyOfRectangle({ widthMm: 110, heightMm: 80 }, [a, b, c, d])).toBeNull()
  })
})

describe('pixelsPerMm', () => {
  it('is the scale of a level view', () => {
    expect(pixelsPerMm({ xMm: 30, yMm: 30 }, [12, 0, 5, 0, 12, 9, 0, 0, 1])).toBeCloseTo(12, 9)
  })
})
