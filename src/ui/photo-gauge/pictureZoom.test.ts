import fc from 'fast-check'
import { MOST_TIMES, moved, viewBoxOf, wholePicture, zoomedAbout } from './pictureZoom'

const size = { widthPx: 2400, heightPx: 1800 }

describe('zoomedAbout', () => {
  it('keeps the place under the pointer where it is', () => {
    const at = { x: 1500, y: 800 }
    const zoom = zoomedAbout(wholePicture(size), at, 4, size)
    // The place's share of the shown width before and after.
    expect((at.x - (zoom.centre.x - 300)) / 600).toBeCloseTo(at.x / 2400, 9)
  })

  it('never shows what is outside the picture', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            x: fc.double({ min: 0, max: 2400, noNaN: true }),
            y: fc.double({ min: 0, max: 1800, noNaN: true }),
            factor: fc.double({ min: 0.2, max: 5, noNaN: true }),
          }),
          { maxLength: 12 },
        ),
        (steps) => {
          let zoom = wholePicture(size)
          for (const { x, y, factor } of steps) {
            zoom = moved(zoomedAbout(zoom, { x, y }, factor, size), { x: x - 1000, y: y - 900 }, size)
          }
          const [left = 0, top = 0, width = 0, height = 0] = viewBoxOf(zoom, size).split(' ').map(Number)
          expect(left).toBeGreaterThanOrEqual(-0.02)
          expect(top).toBeGreaterThanOrEqual(-0.02)
          expect(left + width).toBeLessThanOrEqual(2400.02)
          expect(top + height).toBeLessThanOrEqual(1800.02)
          expect(zoom.times).toBeLessThanOrEqual(MOST_TIMES)
        },
      ),
    )
  })

  it('shows all of it again when drawn back', () => {
    const far = zoomedAbout(wholePicture(size), { x: 10, y: 10 }, 8, size)
    expect(zoomedAbout(far, { x: 10, y: 10 }, 0.01, size)).toEqual(wholePicture(size))
  })
})
