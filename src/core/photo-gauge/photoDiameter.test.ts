import type { Point } from '../circle/Circle'
import { ALL_MARKS, asPrinted } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf } from './homography'
import type { PhotoInput } from './photoDiameter'
import { photoDiameter } from './photoDiameter'

const view: Homography = [16, 0.5, 200, -0.4, 16.2, 150, 0.0002, -0.0001, 1]

/** Edge points of an arc on the paper as the view shows them. */
function seenArc(radiusMm: number, arcDeg: number, centre: Point = { xMm: 55, yMm: 40 }) {
  const count = Math.round(arcDeg * 2)
  return Array.from({ length: count }, (_, i) => {
    const angle = ((arcDeg * i) / (count - 1) / 180) * Math.PI
    return pictureOf(
      { xMm: centre.xMm + radiusMm * Math.cos(angle), yMm: centre.yMm + radiusMm * Math.sin(angle) },
      view,
    )
  })
}

function photo(over: Partial<PhotoInput> = {}): PhotoInput {
  const scale = { x: 1, y: 1, uncertainty: 0 }
  return {
    arcs: [seenArc(15, 200)],
    marks: ALL_MARKS.map(({ centre }, mark) => ({
      mark,
      picture: pictureOf(asPrinted(centre, scale), view),
    })),
    levelBarMm: 100,
    uprightBarMm: 70,
    edgeHeightMm: 0,
    cameraHeightMm: 300,
    ...over,
  }
}

function size(over: Partial<PhotoInput> = {}) {
  const outcome = photoDiameter(photo(over))
  if (!outcome.ok) throw new Error(outcome.message)
  return outcome
}

const message = (over: Partial<PhotoInput>) => {
  const outcome = photoDiameter(photo(over))
  return outcome.ok ? 'accepted' : outcome.message
}

describe('photoDiameter', () => {
  it('finds the circle through the tilt', () => {
    expect(size().diameter.valueMm).toBeCloseTo(30, 4)
  })

  it('takes off what height over the paper adds: H/(H − h)', () => {
    // Similar triangles: an edge 2 mm up, seen from 300 mm, covers 300/298 of its size on the paper.
    expect(size({ edgeHeightMm: 2 }).diameter.valueMm).toBeCloseTo((30 * 298) / 300, 4)
    const near = size({ edgeHeightMm: 2, cameraHeightMm: 110 }).diameter.standardUncertaintyMm
    expect(near).toBeGreaterThan(size({ edgeHeightMm: 2 }).diameter.standardUncertaintyMm)
  })

  it('follows the print: bars 1 % short make everything 1 % smaller', () => {
    expect(size({ levelBarMm: 99, uprightBarMm: 69.3 }).diameter.valueMm).toBeCloseTo(29.7, 4)
  })

  it('knows less of a short arc than of a long one, and more of four pieces than of one', () => {
    const u = (over: Partial<PhotoInput>) => size(over).diameter.standardUncertaintyMm
    expect(u({ arcs: [seenArc(15, 40)] })).toBeGreaterThan(2 * u({ arcs: [seenArc(15, 120)] }))
    const pieces = [30, 75].flatMap((xMm) => [30, 55].map((yMm) => seenArc(15, 70, { xMm, yMm })))
    expect(u({ arcs: pieces })).toBeLessThan(u({ arcs: pieces.slice(0, 1) }))
    expect(size({ arcs: pieces }).arcDeg).toBeCloseTo(280, 0)
  })

  it('adds its parts up to the whole', () => {
    const { diameter, parts } = size({ edgeHeightMm: 1.5 })
    expect(Math.hypot(...parts.map((part) => part.uMm))).toBeCloseTo(diameter.standardUncertaintyMm, 12)
    expect(parts).toHaveLength(5)
  })

  it('says when the edges are not of one circle', () => {
    const { disagreement } = size({ arcs: [seenArc(15, 150), seenArc(15.6, 150, { xMm: 50, yMm: 35 })] })
    expect(disagreement).toBeGreaterThan(3.5)
    expect(size({ arcs: [seenArc(15, 150), seenArc(15, 150, { xMm: 50, yMm: 35 })] }).disagreement).toBeNull()
  })

  it('tells chance from two circles: five standard deviations apart is said, two and a half is not', () => {
    const second = (radiusMm: number) =>
      size({ arcs: [seenArc(15, 150), seenArc(radiusMm, 150, { xMm: 50, yMm: 35 })] }).disagreement
    expect(second(15.04)).toBeCloseTo(5, 6)
    expect(second(15.02)).toBeNull()
  })

  it('sees a curled sheet in its marks', () => {
    const marks = photo().marks.map((found) =>
      found.mark === 6 ? { ...found, picture: { ...found.picture, y: found.picture.y + 25 } } : found,
    )
    expect(message({ marks })).toMatch(/Sheet: its marks are not where a flat sheet’s would be. Lay it flat/)
  })

  it('says what is wrong and what to do', () => {
    expect(message({ arcs: [] })).toMatch(/Edge: none chosen/)
    expect(message({ arcs: [seenArc(15, 200).slice(0, 5)] })).toMatch(/5 points are too few/)
    expect(message({ edgeHeightMm: -1 })).toMatch(/Edge height: .1.00 mm is outside 0–10/)
    expect(message({ cameraHeightMm: 20 })).toMatch(/Camera height: 20 mm is outside 80–1500/)
    expect(message({ marks: photo().marks.slice(0, 3) })).toMatch(/Corner marks/)
    const line = Array.from({ length: 50 }, (_, i) => pictureOf({ xMm: 20 + i, yMm: 30 + i / 2 }, view))
    expect(message({ arcs: [line] })).toMatch(/follows no circle/)
  })
})
