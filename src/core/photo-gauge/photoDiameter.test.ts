import { randomLcg, randomNormal } from 'd3-random'
import type { Point } from '../circle/Circle'
import { taubinCircle } from '../circle/taubinCircle'
import { ALL_MARKS, asPrinted } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf, sheetOf } from './homography'
import type { PhotoInput } from './photoDiameter'
import { photoDiameter } from './photoDiameter'
import { sheetView } from './sheetView'

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

  it('names each source with its figure', () => {
    const scale = sheetView(photo().marks, { x: 1, y: 1, uncertainty: 0 })
    if (!scale.ok) throw new Error(scale.reason)
    const part = (words: RegExp, over: Partial<PhotoInput> = {}) =>
      size(over).parts.find((p) => words.test(p.words))?.uMm
    // Two edges, each .25 px.
    expect(part(/shows an edge/)).toBeCloseTo(0.5 / scale.view.pixelsPerMm, 6)
    // Half of a scale from each bar, read to .05 mm; with one bar the other direction is assumed to .2 %.
    expect(part(/print’s scale/)).toBeCloseTo((30 * Math.hypot(0.05 / 100, 0.05 / 70)) / 2, 4)
    expect(part(/print’s scale/, { uprightBarMm: null })).toBeCloseTo(30 * Math.hypot(0.0005, 0.001), 4)
    // d(1 − h/H): .1 mm of h, 4 % of H.
    expect(part(/edge’s height/, { edgeHeightMm: 3 })).toBeCloseTo(
      30 * Math.hypot(0.1 / 300, (3 / 300) * 0.04),
      4,
    )
    // A rim round to .004: the diameter's is twice that, and cos a/(1 − cos a) times as much of an arc of 2a.
    expect(part(/edge itself/)).toBeCloseTo(0.008, 4)
    const a = Math.PI / 6
    expect(part(/edge itself/, { arcs: [seenArc(15, 60)] })).toBeCloseTo(
      (0.008 * Math.cos(a)) / (1 - Math.cos(a)),
      3,
    )
    expect(
      part(/edge itself/, { arcs: [seenArc(15, 60)], edgeHeightMm: 10, cameraHeightMm: 100 }),
    ).toBeCloseTo((0.9 * 0.008 * Math.cos(a)) / (1 - Math.cos(a)), 3)
  })

  it('says of the marks what their scatter really does to the diameter', () => {
    const input = photo()
    const seen = sheetView(input.marks, { x: 1, y: 1, uncertainty: 0 })
    if (!seen.ok) throw new Error(seen.reason)
    const uPx = 0.012 * seen.view.pixelsPerMm
    const noise = randomNormal.source(randomLcg(0.5))(0, uPx)
    const diameters = Array.from({ length: 250 }, () => {
      const marks = input.marks.map(({ mark, picture }) => ({
        mark,
        picture: { x: picture.x + noise(), y: picture.y + noise() },
      }))
      const moved = sheetView(marks, { x: 1, y: 1, uncertainty: 0 })
      if (!moved.ok) throw new Error(moved.reason)
      const circle = taubinCircle((input.arcs[0] ?? []).map((pixel) => sheetOf(pixel, moved.view.toSheet)))
      return 2 * (circle?.radiusMm ?? NaN)
    })
    const told = size().parts.find((p) => /marks/.test(p.words))?.uMm ?? NaN
    const mean = diameters.reduce((sum, d) => sum + d, 0) / diameters.length
    const scatter = Math.sqrt(diameters.reduce((sum, d) => sum + (d - mean) ** 2, 0) / (diameters.length - 1))
    // 250 draws know a deviation to 1/√500, 4.5 %.
    expect(scatter / told).toBeGreaterThan(0.87)
    expect(scatter / told).toBeLessThan(1.13)
  })

  it('counts neighbours that share the lens’s error as fewer points', () => {
    const noisy = (perDegree: number) => {
      const noise = randomNormal.source(randomLcg(0.25))(0, 0.4)
      return Array.from({ length: 120 * perDegree }, (_, i) => {
        const angle = (i / perDegree / 180) * Math.PI
        const p = pictureOf({ xMm: 55 + 15 * Math.cos(angle), yMm: 40 + 15 * Math.sin(angle) }, view)
        return { x: p.x + noise(), y: p.y + noise() }
      })
    }
    const own = (perDegree: number) =>
      size({ arcs: [noisy(perDegree)] }).arcs[0]?.own.standardUncertaintyMm ?? NaN
    // Four times the points, each a quarter as far from the next: nothing is learned by them.
    expect(own(8) / own(2)).toBeGreaterThan(0.8)
    expect(own(8) / own(2)).toBeLessThan(1.25)
  })

  it('takes the ends of its ranges, and no circle of more than all round', () => {
    expect(message({ edgeHeightMm: 10 })).toBe('accepted')
    expect(message({ edgeHeightMm: 10.01 })).toMatch(/Edge height/)
    expect(message({ cameraHeightMm: 80 })).toBe('accepted')
    expect(message({ cameraHeightMm: 79.9 })).toMatch(/Camera height/)
    expect(message({ cameraHeightMm: 1500 })).toBe('accepted')
    expect(message({ cameraHeightMm: 1501 })).toMatch(/Camera height/)
    expect(message({ arcs: [seenArc(15, 200).slice(0, 12)] })).not.toMatch(/too few/)
    expect(message({ arcs: [seenArc(15, 200).slice(0, 11)] })).toMatch(/11 points are too few/)
    expect(size({ arcs: [seenArc(15, 200), seenArc(15, 200)] }).arcDeg).toBe(360)
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
