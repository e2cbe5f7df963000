import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { paintedPicture } from '../../../tests/factories/sheetPicture'
import { refineMark } from './refineMark'

/** Across an edge as a lens shows it, −1 … 1. */
const side = (px: number) => 2 * normalCdf(px, 0, 0.9) - 1

/** Two edges that cross at a place, the first turned from level by an angle, the second by so much more. */
const crossing =
  (cx: number, cy: number, turn: number, between = Math.PI / 2) =>
  (x: number, y: number) => {
    const [dx, dy] = [x - cx, y - cy]
    const off = (angle: number) => dy * Math.cos(angle) - dx * Math.sin(angle)
    return 0.5 + 0.4 * side(off(turn)) * side(off(turn + between))
  }
const lone = (turn: number) => (x: number, y: number) =>
  0.5 + 0.4 * side((y - 30) * Math.cos(turn) - (x - 30) * Math.sin(turn))

describe('refineMark', () => {
  it.each([
    [30.3, 29.8, 0],
    [29.62, 30.41, 0.3],
    [30, 30, 0.7],
    [31.5, 28.7, 1.2],
  ])('finds where edges cross, at %s, %s turned by %s, to a fiftieth of a pixel', (x, y, turn) => {
    const image = paintedPicture(60, 60, crossing(x, y, turn), 1)
    for (const window of [6, 10, 14]) {
      const found = refineMark(image, { x: 29, y: 31 }, window)
      expect(Math.hypot((found?.x ?? 0) - x, (found?.y ?? 0) - y)).toBeLessThan(0.02)
    }
  })

  it('finds nothing where there is one edge, or none', () => {
    for (const light of [lone(0), lone(0.3), lone(0.8), lone(1.4), () => 0.4])
      expect(refineMark(paintedPicture(60, 60, light, 1), { x: 30, y: 31 }, 8)).toBeNull()
  })

  it('tells two edges from one where they cross at more than 11.5°', () => {
    // Equal edges that cross at an angle a: determinant over the trace squared is sin²a/4, and .01 are 11.5°.
    const at = (degrees: number) =>
      refineMark(
        paintedPicture(80, 80, crossing(40, 40, 0, (degrees * Math.PI) / 180), 1),
        { x: 40, y: 40 },
        20,
      )
    expect(at(15)).not.toBeNull()
    expect(at(8)).toBeNull()
  })

  it('does not wander: what lies further off than its window is not this mark', () => {
    const image = paintedPicture(80, 80, crossing(40, 40, 0.2), 1)
    expect(refineMark(image, { x: 44, y: 40 }, 6)).not.toBeNull()
    expect(refineMark(image, { x: 47.5, y: 40 }, 7)).toBeNull()
  })

  it('needs its window in the picture with a pixel round it', () => {
    const image = paintedPicture(30, 30, crossing(11, 18, 0), 1)
    const at = (x: number, y: number, window: number) => refineMark(image, { x, y }, window)
    expect(at(11, 18, 10)).not.toBeNull()
    expect(at(11, 18, 11)).toBeNull()
    const low = paintedPicture(30, 30, crossing(18, 11, 0), 1)
    expect(refineMark(low, { x: 18, y: 11 }, 10)).not.toBeNull()
    expect(refineMark(low, { x: 18, y: 11 }, 11)).toBeNull()
    // The same from the other two sides.
    for (const [x, y] of [
      [18, 15],
      [15, 18],
    ] as const) {
      const far = paintedPicture(30, 30, crossing(x, y, 0), 1)
      expect(refineMark(far, { x, y }, 10)).not.toBeNull()
      expect(refineMark(far, { x, y }, 11)).toBeNull()
    }
  })
})
