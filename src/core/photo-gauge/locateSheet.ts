import type { Point } from '../circle/Circle'
import {
  ALL_MARKS,
  CORNER_MARKS,
  FIRST_CORNER_DOT,
  FRAME_HEIGHT_MM,
  FRAME_WIDTH_MM,
  sheetInk,
} from './gaugeSheet'
import type { GreyImage, Pixel } from './GreyImage'
import { brightnessAt } from './GreyImage'
import type { Homography } from './homography'
import { homographyOfRectangle, pictureOf } from './homography'
import { markCandidates } from './markCandidates'

/** The four corner marks' centres in the picture, clockwise from the one with the dot. */
export type SheetCorners = readonly [Pixel, Pixel, Pixel, Pixel]

export type LocateOutcome =
  | {
      ok: true
      corners: SheetCorners
      /** how well the picture agrees with the drawing there, −1 … 1 */
      agreement: number
    }
  | { ok: false; reason: 'no-marks' | 'no-sheet' }

const MOST_CANDIDATES = 14
/** The frame must cover this part of the picture, or its marks are too small to be read. */
const LEAST_AREA = 0.06
/** Correlation of picture and drawing above which it is the sheet. */
const LEAST_AGREEMENT = 0.75

/**
 * Finds the gauge sheet: of all fours of quartered marks, the one whose other printed marks are where they should be.
 * @param image - small: longest side about 900 px
 */
export function locateSheet(image: GreyImage): LocateOutcome {
  const candidates = markCandidates(image, MOST_CANDIDATES)
  if (candidates.length < CORNER_MARKS.length) return { ok: false, reason: 'no-marks' }
  let best: { corners: SheetCorners; agreement: number } | null = null
  for (const four of foursOf(candidates)) {
    const ring = clockwise(four)
    if (!ring || area(ring) < LEAST_AREA * image.widthPx * image.heightPx) continue
    for (let turn = 0; turn < 4; turn++) {
      const corners = turned(ring, turn)
      const agreement = agreementAt(image, corners)
      if (agreement > (best?.agreement ?? -1)) best = { corners, agreement }
    }
  }
  return best && best.agreement >= LEAST_AGREEMENT ? { ok: true, ...best } : { ok: false, reason: 'no-sheet' }
}

function* foursOf(items: readonly Pixel[]): Generator<[Pixel, Pixel, Pixel, Pixel]> {
  for (const [i, a] of items.entries())
    for (const [j, b] of items.entries()) {
      if (j <= i) continue
      for (const [k, c] of items.entries()) {
        if (k <= j) continue
        for (const d of items.slice(k + 1)) yield [a, b, c, d]
      }
    }
}

/** The four in order round their middle; null when one lies inside the triangle of the others. */
function clockwise(four: readonly [Pixel, Pixel, Pixel, Pixel]): SheetCorners | null {
  const x = four.reduce((sum, p) => sum + p.x, 0) / 4
  const y = four.reduce((sum, p) => sum + p.y, 0) / 4
  // y runs down: a growing angle is clockwise as seen.
  const [a, b, c, d] = [...four].sort((p, q) => Math.atan2(p.y - y, p.x - x) - Math.atan2(q.y - y, q.x - x))
  if (!a || !b || !c || !d) return null
  const convex = [turnAt(a, b, c), turnAt(b, c, d), turnAt(c, d, a), turnAt(d, a, b)].every((t) => t > 0)
  return convex ? [a, b, c, d] : null
}

function turnAt(p: Pixel, q: Pixel, r: Pixel): number {
  return (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x)
}

function area([a, b, c, d]: SheetCorners): number {
  return Math.abs((c.x - a.x) * (d.y - b.y) - (c.y - a.y) * (d.x - b.x)) / 2
}

function turned([a, b, c, d]: SheetCorners, turn: number): SheetCorners {
  const turns: readonly SheetCorners[] = [
    [a, b, c, d],
    [b, c, d, a],
    [c, d, a, b],
    [d, a, b, c],
  ]
  return turns[turn] ?? [a, b, c, d]
}

/** Places in the middle of every quarter, on the dot and beside it. */
const SAMPLES: readonly { readonly place: Point; readonly ink: number }[] = [
  ...ALL_MARKS.flatMap(({ centre, radiusMm }) =>
    [-1, 1].flatMap((sx) =>
      [-1, 1].map((sy) => ({
        xMm: centre.xMm + sx * radiusMm * 0.4,
        yMm: centre.yMm + sy * radiusMm * 0.4,
      })),
    ),
  ),
  FIRST_CORNER_DOT.centre,
  { xMm: FIRST_CORNER_DOT.centre.xMm + 3.5, yMm: 0 },
  ...CORNER_MARKS.slice(1).flatMap(({ centre }) => [
    { xMm: Math.abs(centre.xMm - FIRST_CORNER_DOT.centre.xMm), yMm: centre.yMm },
    { xMm: centre.xMm, yMm: Math.abs(centre.yMm - FIRST_CORNER_DOT.centre.xMm) },
  ]),
].map((place) => ({ place, ink: sheetInk(place.xMm, place.yMm) }))

/** Homography from the drawing to the picture by four corners alone. */
export function homographyOfCorners(corners: SheetCorners): Homography | null {
  return homographyOfRectangle({ widthMm: FRAME_WIDTH_MM, heightMm: FRAME_HEIGHT_MM }, corners)
}

/** Does the picture show the drawing's marks where these corners put them? */
export function showsSheet(image: GreyImage, corners: SheetCorners): boolean {
  return agreementAt(image, corners) >= LEAST_AGREEMENT
}

/** Correlation of what the drawing has and what the picture shows, −1 … 1. */
function agreementAt(image: GreyImage, corners: SheetCorners): number {
  const h = homographyOfCorners(corners)
  if (!h) return -1
  const seen: number[] = []
  for (const { place } of SAMPLES) {
    const { x, y } = pictureOf(place, h)
    const value = brightnessAt(image, x, y)
    if (value === null) return -1
    seen.push(value)
  }
  return correlation(
    SAMPLES.map((s) => s.ink),
    seen,
  )
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length
  const [ma, mb] = [mean(a), mean(b)]
  let [ab, aa, bb] = [0, 0, 0]
  for (const [i, value] of a.entries()) {
    const [da, db] = [value - ma, (b[i] ?? 0) - mb]
    ab += da * db
    aa += da * da
    bb += db * db
  }
  return aa > 0 && bb > 0 ? ab / Math.sqrt(aa * bb) : 0
}
