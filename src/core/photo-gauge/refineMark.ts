import type { GreyImage, Pixel } from './GreyImage'

const MOST_ROUNDS = 15
const STILL_PX = 0.002
/** Determinant of the gradients' sum, relative to its trace squared, under which all edges run one way. */
const ONE_WAY = 0.01

/**
 * Centre of a quartered mark to a fraction of a pixel: the point all edges around it run through.
 * @param start - within a few pixels of it
 * @param windowPx - half side of the square looked at; all of it inside the mark
 * @returns null when no two edges meet there
 * @source Förstner & Gülch (1987), a fast operator for detection and precise location of distinct points
 */
export function refineMark(image: GreyImage, start: Pixel, windowPx: number): Pixel | null {
  const half = Math.max(3, Math.round(windowPx))
  let centre = start
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = crossing(image, centre, half)
    if (!next || Math.hypot(next.x - start.x, next.y - start.y) > half) return null
    const move = Math.hypot(next.x - centre.x, next.y - centre.y)
    centre = next
    if (move < STILL_PX) return centre
  }
  return centre
}

/** Least squares of the distances to every edge line in the window, each weighted by its gradient's square. */
function crossing({ widthPx, heightPx, values }: GreyImage, at: Pixel, half: number): Pixel | null {
  const [cx, cy] = [Math.round(at.x), Math.round(at.y)]
  if (cx - half < 1 || cy - half < 1 || cx + half > widthPx - 2 || cy + half > heightPx - 2) return null
  let [xx, xy, yy, bx, by] = [0, 0, 0, 0, 0]
  for (let y = cy - half; y <= cy + half; y++) {
    for (let x = cx - half; x <= cx + half; x++) {
      const i = y * widthPx + x
      const gx = ((values[i + 1] ?? 0) - (values[i - 1] ?? 0)) / 2
      const gy = ((values[i + widthPx] ?? 0) - (values[i - widthPx] ?? 0)) / 2
      const [dx, dy] = [x - at.x, y - at.y]
      // A round window: corners of a square one would favour the diagonals.
      const weight = Math.max(0, 1 - (dx * dx + dy * dy) / (half * half))
      xx += weight * gx * gx
      xy += weight * gx * gy
      yy += weight * gy * gy
      bx += weight * gx * (gx * dx + gy * dy)
      by += weight * gy * (gx * dx + gy * dy)
    }
  }
  const determinant = xx * yy - xy * xy
  if (!(determinant > ONE_WAY * (xx + yy) ** 2)) return null
  return { x: at.x + (yy * bx - xy * by) / determinant, y: at.y + (xx * by - xy * bx) / determinant }
}
