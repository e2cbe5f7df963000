import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { INK, PAPER, paintedPicture } from '../../../tests/factories/sheetPicture'
import type { Point } from '../circle/Circle'
import { edgeProfile } from './edgeProfile'
import { blurOf, edgeShiftPx } from './edgeShift'
import { ALL_MARKS, FIRST_CORNER_DOT } from './gaugeSheet'
import type { Homography } from './homography'
import { pictureOf } from './homography'
import { sheetView } from './sheetView'

const PX_PER_MM = 8
const LEVEL: Homography = [PX_PER_MM, 0, 60, 0, PX_PER_MM, 60, 0, 0, 1]
const AS_DRAWN = { x: 1, y: 1, uncertainty: 0 }
const SIZE = { widthPx: 460, heightPx: 330 }
const PIECE = { centre: { xMm: 29, yMm: 20 }, radiusMm: 9 }

const view = (() => {
  const seen = sheetView(
    ALL_MARKS.map(({ centre }, mark) => ({ mark, picture: pictureOf(centre, LEVEL) })),
    AS_DRAWN,
  )
  if (!seen.ok) throw new Error(seen.reason)
  return seen.view
})()

/** What a lens makes of circular edges: each a light, then by how much it rises at a radius, blurred. */
const rings =
  (
    centre: Point,
    inside: number,
    steps: readonly (readonly [radiusMm: number, rise: number])[],
    blurPx: number,
  ) =>
  (xMm: number, yMm: number) => {
    const r = Math.hypot(xMm - centre.xMm, yMm - centre.yMm)
    return steps.reduce(
      (sum, [at, rise]) => sum + rise * normalCdf(r * PX_PER_MM, at * PX_PER_MM, blurPx),
      inside,
    )
  }

/** A picture of the sheet's dot and of what else lies there; the blur is in what is drawn. */
const drawn = (light: (xMm: number, yMm: number) => number | null) =>
  paintedPicture(
    SIZE.widthPx,
    SIZE.heightPx,
    (x, y) => light((x - 60) / PX_PER_MM, (y - 60) / PX_PER_MM) ?? PAPER,
    1,
  )

function pictureWith(blurPx: number, steps: readonly (readonly [number, number])[], inside = INK) {
  const dot = rings(FIRST_CORNER_DOT.centre, INK, [[FIRST_CORNER_DOT.radiusMm, PAPER - INK]], blurPx)
  const piece = rings(PIECE.centre, inside, steps, blurPx)
  return drawn((x, y) =>
    Math.hypot(x - 12, y) < 4 ? dot(x, y) : Math.abs(Math.hypot(x - 29, y - 20) - 9) < 2 ? piece(x, y) : null,
  )
}

const about = (radiusMm: number, fromDeg = 0, toDeg = 360) =>
  Array.from({ length: 90 }, (_, i): Point => {
    const angle = ((fromDeg + ((toDeg - fromDeg) * i) / 90) * Math.PI) / 180
    return {
      xMm: PIECE.centre.xMm + radiusMm * Math.cos(angle),
      yMm: PIECE.centre.yMm + radiusMm * Math.sin(angle),
    }
  })

/** Looked at between its pixels a picture is that much more blurred, in the mean, px squared. */
const BETWEEN = 1 / 6

describe('blurOf', () => {
  it.each([0.6, 1, 1.8, 3])('reads a blur of %s px off the sheet’s dot', (blurPx) => {
    const found = blurOf(pictureWith(blurPx, []), view, AS_DRAWN)
    expect(found).toBeCloseTo(Math.sqrt(blurPx ** 2 + BETWEEN), 1)
  })

  it('is unknown where there is no dark dot, or the dot is out of the picture', () => {
    const dotted = (light: number) =>
      drawn((x, y) => (Math.hypot(x - 12, y) < 5 ? (Math.hypot(x - 12, y) < 2 ? 1 : light) : null))
    expect(blurOf(dotted(0.3), view, AS_DRAWN)).toBeNull()
    const cut = { ...pictureWith(1, []), heightPx: 40 }
    expect(blurOf(cut, view, AS_DRAWN)).toBeNull()
  })

  it('looks for the dot where the printer put it', () => {
    // 4 % long in print: the dot lies at 12.48 with radius 2.08.
    const printed = { x: 1.04, y: 1.04, uncertainty: 0 }
    const dot = rings({ xMm: 12.48, yMm: 0 }, INK, [[2.08, PAPER - INK]], 1)
    const image = drawn((x, y) => (Math.hypot(x - 12.48, y) < 4 ? dot(x, y) : null))
    expect(blurOf(image, view, printed)).toBeCloseTo(Math.sqrt(1 + BETWEEN), 1)
  })
})

describe('edgeProfile', () => {
  it('is the mean brightness from 7 px within to 7 px without, by halves of a pixel', () => {
    const profile = edgeProfile(pictureWith(1, [[9, 0.6]], 0.2), view, PIECE, about(9))
    expect(profile?.atPx).toHaveLength(29)
    expect(profile?.atPx[0]).toBe(-7)
    expect(profile?.atPx[28]).toBe(7)
    expect(profile?.light[0]).toBeCloseTo(0.2, 3)
    expect(profile?.light[14]).toBeCloseTo(0.5, 2)
    expect(profile?.light[28]).toBeCloseTo(0.8, 3)
  })

  it('needs half of its places in the picture', () => {
    const image = pictureWith(1, [[9, 0.6]], 0.2)
    // The piece's middle is 20 mm down, at 220 px: below it is out of this picture.
    const upTo = (heightPx: number) => edgeProfile({ ...image, heightPx }, view, PIECE, about(9))
    expect(upTo(230)).not.toBeNull()
    expect(upTo(205)).toBeNull()
    expect(edgeProfile(image, view, PIECE, [])).toBeNull()
  })
})

describe('edgeShiftPx', () => {
  const shift = (
    blurPx: number,
    steps: readonly (readonly [number, number])[],
    { inside = INK, lookedAt = 9, grows = true } = {},
  ) =>
    edgeShiftPx(
      pictureWith(blurPx, steps, inside),
      view,
      { centre: PIECE.centre, radiusMm: lookedAt },
      about(lookedAt),
      { blurPx: Math.sqrt(blurPx ** 2 + BETWEEN), grows },
    )
  /** What blur draws a circle's edge inward, px: σ²/2r. These pictures are drawn without it. */
  const inward = (blurPx: number, radiusMm: number) => (blurPx ** 2 + BETWEEN) / (2 * radiusMm * PX_PER_MM)

  it('of a lone edge is how far it was looked for beside it, and what its bend draws in', () => {
    for (const blurPx of [0.8, 1.5, 2.5])
      for (const off of [-0.1, 0, 0.15])
        expect(shift(blurPx, [[9, 0.8]], { lookedAt: 9 - off })).toBeCloseTo(
          off * PX_PER_MM + inward(blurPx, 9),
          1,
        )
  })

  it('of a bevel is the edge that was looked for, not the steepest place between both', () => {
    // Glass .68, its bevel .20 from 8.75 to 9, paper .82: 2 px wide under a blur of 1 px.
    const bevel = [
      [8.75, -0.48],
      [9, 0.62],
    ] as const
    expect(shift(1, bevel, { inside: 0.68, lookedAt: 9.05 })).toBeCloseTo(-0.4 + inward(1, 9), 1)
    expect(shift(1, bevel, { inside: 0.68, lookedAt: 8.7, grows: false })).toBeCloseTo(0.4 + inward(1, 9), 1)
  })

  it('is none where the edge is not in the picture', () => {
    const image = pictureWith(1, [[9, 0.8]])
    const far = { centre: { xMm: 29, yMm: 70 }, radiusMm: 9 }
    expect(
      edgeShiftPx(
        image,
        view,
        far,
        about(9).map((p) => ({ ...p, yMm: p.yMm + 50 })),
        { blurPx: 1, grows: true },
      ),
    ).toBe(0)
  })
})
