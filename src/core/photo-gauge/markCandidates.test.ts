import { paintedPicture, sheetPicture } from '../../../tests/factories/sheetPicture'
import { ALL_MARKS } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf } from './homography'
import { markCandidates } from './markCandidates'

/** Quarters upper right and lower left black about a place, as a mark of the sheet. */
const quarters = (cx: number, cy: number, contrast: number) => (x: number, y: number) =>
  (x - cx) * (y - cy) < 0 ? 0.5 - contrast / 2 : 0.5 + contrast / 2

describe('markCandidates', () => {
  it('finds every mark of a sheet, and neither its dot nor the edge of anything else', () => {
    const view: Homography = [4, 0.1, 30, -0.15, 4.1, 40, 0.0003, -0.0002, 1]
    // A black block in the field: edges and corners that are no marks.
    const image = sheetPicture(view, { widthPx: 500, heightPx: 400 }, (xMm, yMm) =>
      xMm > 40 && xMm < 70 && yMm > 25 && yMm < 45 ? 0.05 : null,
    )
    const found = markCandidates(image, 14)
    expect(found).toHaveLength(ALL_MARKS.length)
    for (const { centre } of ALL_MARKS) {
      const { x, y } = pictureOf(centre, view)
      expect(Math.min(...found.map((c) => Math.hypot(c.x - x, c.y - y)))).toBeLessThan(1.5)
    }
  })

  it('is as strong as three eighths of what black and white are apart: a quarter of the samples lie on borders', () => {
    expect(markCandidates(paintedPicture(60, 60, quarters(30, 30, 1)), 3)[0]?.strength).toBeCloseTo(0.375, 2)
    const [full] = markCandidates(paintedPicture(60, 60, quarters(29.5, 29.5, 1)), 3)
    const [faint] = markCandidates(paintedPicture(60, 60, quarters(29.5, 29.5, 0.5)), 3)
    expect((faint?.strength ?? 0) / (full?.strength ?? 1)).toBeCloseTo(0.5, 4)
  })

  it('takes a mark for what it is down to a contrast of 6 % of the light, and nothing fainter', () => {
    const strength = markCandidates(paintedPicture(60, 60, quarters(29.5, 29.5, 1)), 1)[0]?.strength ?? 0
    const at = (share: number) =>
      markCandidates(paintedPicture(60, 60, quarters(29.5, 29.5, (share * 0.06) / strength)), 1)
    expect(at(1.03)).toHaveLength(1)
    expect(at(0.97)).toHaveLength(0)
  })

  it('gives the strongest first, no more than asked, and one for places within 8 px', () => {
    const places = [
      [25, 0.5],
      [75, 0.9],
      [125, 0.7],
    ] as const
    const three = paintedPicture(150, 60, (x, y) => {
      const at = places.find(([cx]) => Math.hypot(x - cx, y - 30) < 15)
      return at ? quarters(at[0], 30, at[1])(x, y) : 0.5
    })
    const [first, second, third, ...more] = markCandidates(three, 9)
    for (const [candidate, x] of [
      [first, 75],
      [second, 125],
      [third, 25],
    ] as const)
      expect(Math.hypot((candidate?.x ?? 0) - x, (candidate?.y ?? 0) - 30)).toBeLessThan(2)
    expect(more).toEqual([])
    expect(markCandidates(three, 2)).toEqual([first, second])
  })

  it('is not taken in by an edge, a dot, a corner or a line, whichever way it runs', () => {
    const no = (light: (x: number, y: number) => number) =>
      expect(markCandidates(paintedPicture(50, 50, light), 9)).toEqual([])
    no((x) => (x > 24 ? 1 : 0))
    for (const half of [1, 2, 3, 5]) {
      no((_, y) => (Math.abs(y - 25) < half ? 0 : 1))
      no((x) => (Math.abs(x - 25) < half ? 0 : 1))
      no((x, y) => (Math.abs(x - y) < 1.4 * half ? 0 : 1))
      no((x, y) => (Math.abs(x - 0.4 * y - 12) < half ? 0 : 1))
    }
    no((x, y) => (Math.hypot(x - 25, y - 25) < 6 ? 0 : 1))
    no((x, y) => (x > 25 && y > 25 ? 0 : 1))
    no(() => 0.7)
  })

  it('asks all three rings: what is quartered on the inner ring alone is none', () => {
    const strongest = (reach: number) =>
      markCandidates(
        paintedPicture(60, 60, (x, y) =>
          Math.hypot(x - 30, y - 30) < reach ? quarters(30, 30, 1)(x, y) : 1,
        ),
        9,
      )[0]?.strength ?? 0
    expect(strongest(5)).toBe(0)
    expect(strongest(7)).toBe(0)
    expect(strongest(10)).toBeGreaterThan(0.2)
  })

  it('looks as near the border as its largest ring allows', () => {
    expect(markCandidates(paintedPicture(40, 40, quarters(9, 30, 1)), 9)[0]?.x).toBe(9)
    expect(markCandidates(paintedPicture(40, 40, quarters(30, 30, 1)), 9)[0]).toMatchObject({ x: 30, y: 30 })
  })
})
