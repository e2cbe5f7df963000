import { Matrix, SingularValueDecomposition } from 'ml-matrix'
import type { Point } from '../circle/Circle'
import type { Pixel } from './GreyImage'

/** Nine numbers row by row that carry a flat sheet into its picture, or back. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number]

export interface Correspondence {
  readonly sheet: Point
  readonly picture: Pixel
}

const FEWEST_PAIRS = 4
/** Smallest singular values this close, relative to the largest, leave the answer open. */
const DEGENERATE = 1e-9

/**
 * Homography from sheet (mm) to picture (px): direct linear transform on normalised coordinates.
 * @param pairs - four or more, no three of the four on a line
 * @returns null when the pairs do not settle it
 * @source Hartley & Zisserman, Multiple View Geometry (2nd ed.), algorithm 4.2
 */
export function homographyFrom(pairs: readonly Correspondence[]): Homography | null {
  if (pairs.length < FEWEST_PAIRS) return null
  const from = normaliser(pairs.map(({ sheet }) => [sheet.xMm, sheet.yMm]))
  const to = normaliser(pairs.map(({ picture }) => [picture.x, picture.y]))
  if (!from || !to) return null
  const rows = pairs.flatMap(({ sheet, picture }) => {
    const [x, y] = [(sheet.xMm - from.x) * from.k, (sheet.yMm - from.y) * from.k]
    const [u, v] = [(picture.x - to.x) * to.k, (picture.y - to.y) * to.k]
    return [
      [-x, -y, -1, 0, 0, 0, u * x, u * y, u],
      [0, 0, 0, -x, -y, -1, v * x, v * y, v],
    ]
  })
  // Four pairs make eight rows; a ninth of zeros lets the decomposition return all nine directions.
  while (rows.length < 9) rows.push([0, 0, 0, 0, 0, 0, 0, 0, 0])
  const { diagonal, rightSingularVectors } = new SingularValueDecomposition(new Matrix(rows), {
    autoTranspose: true,
  })
  if (!((diagonal[7] ?? 0) > DEGENERATE * (diagonal[0] ?? 0))) return null
  const h = new Matrix([0, 3, 6].map((row) => [0, 1, 2].map((i) => rightSingularVectors.get(row + i, 8))))
  const back = new Matrix([
    [1 / to.k, 0, to.x],
    [0, 1 / to.k, to.y],
    [0, 0, 1],
  ])
  const into = new Matrix([
    [from.k, 0, -from.k * from.x],
    [0, from.k, -from.k * from.y],
    [0, 0, 1],
  ])
  return asHomography(back.mmul(h).mmul(into))
}

/** Mean to the origin, mean distance to √2. */
function normaliser(points: readonly (readonly [number, number])[]) {
  const x = points.reduce((sum, p) => sum + p[0], 0) / points.length
  const y = points.reduce((sum, p) => sum + p[1], 0) / points.length
  const spread = points.reduce((sum, p) => sum + Math.hypot(p[0] - x, p[1] - y), 0) / points.length
  return spread > 0 ? { x, y, k: Math.SQRT2 / spread } : null
}

function asHomography(matrix: Matrix): Homography | null {
  const scale = matrix.get(2, 2)
  const [a, b, c, d, e, f, g, h] = matrix.to1DArray().map((value) => value / scale)
  if (a === undefined || b === undefined || c === undefined || d === undefined) return null
  if (e === undefined || f === undefined || g === undefined || h === undefined) return null
  return [a, b, c, d, e, f, g, h, 1].every(Number.isFinite) ? [a, b, c, d, e, f, g, h, 1] : null
}

/**
 * Homography of a rectangle's four corners alone, in closed form: for trying many fours quickly.
 * @param size - the rectangle from 0, 0, mm, > 0
 * @param corners - its corners in the picture: 0 0, width 0, width height, 0 height
 * @returns null when they lie on a line
 * @source P. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), 2.2.3
 */
export function homographyOfRectangle(
  size: { readonly widthMm: number; readonly heightMm: number },
  [a, b, c, d]: readonly [Pixel, Pixel, Pixel, Pixel],
): Homography | null {
  const [sx, sy] = [a.x - b.x + c.x - d.x, a.y - b.y + c.y - d.y]
  const [bx, by, dx, dy] = [b.x - c.x, b.y - c.y, d.x - c.x, d.y - c.y]
  const determinant = bx * dy - dx * by
  const g = (sx * dy - dx * sy) / determinant
  const h = (bx * sy - sx * by) / determinant
  const { widthMm, heightMm } = size
  const result: Homography = [
    (b.x - a.x + g * b.x) / widthMm,
    (d.x - a.x + h * d.x) / heightMm,
    a.x,
    (b.y - a.y + g * b.y) / widthMm,
    (d.y - a.y + h * d.y) / heightMm,
    a.y,
    g / widthMm,
    h / heightMm,
    1,
  ]
  return result.every(Number.isFinite) ? result : null
}

/** Where a place of the sheet is seen. */
export function pictureOf({ xMm, yMm }: Point, h: Homography): Pixel {
  const w = h[6] * xMm + h[7] * yMm + h[8]
  return { x: (h[0] * xMm + h[1] * yMm + h[2]) / w, y: (h[3] * xMm + h[4] * yMm + h[5]) / w }
}

/** Which place of the sheet a pixel shows; `back` is the inverse of the homography. */
export function sheetOf({ x, y }: Pixel, back: Homography): Point {
  const w = back[6] * x + back[7] * y + back[8]
  return { xMm: (back[0] * x + back[1] * y + back[2]) / w, yMm: (back[3] * x + back[4] * y + back[5]) / w }
}

/** The way back, by the adjugate. @returns null for a homography that flattens the sheet to a line */
export function inverseHomography(h: Homography): Homography | null {
  const [a, b, c, d, e, f, g, i, j] = h
  const adjugate = new Matrix([
    [e * j - f * i, c * i - b * j, b * f - c * e],
    [f * g - d * j, a * j - c * g, c * d - a * f],
    [d * i - e * g, b * g - a * i, a * e - b * d],
  ])
  return asHomography(adjugate)
}

/** Picture pixels a millimetre of the sheet takes up at a place: the root of the areas' ratio. */
export function pixelsPerMm(place: Point, h: Homography): number {
  const STEP_MM = 0.5
  const at = pictureOf(place, h)
  const right = pictureOf({ xMm: place.xMm + STEP_MM, yMm: place.yMm }, h)
  const down = pictureOf({ xMm: place.xMm, yMm: place.yMm + STEP_MM }, h)
  const area = (right.x - at.x) * (down.y - at.y) - (right.y - at.y) * (down.x - at.x)
  return Math.sqrt(Math.abs(area)) / STEP_MM
}
