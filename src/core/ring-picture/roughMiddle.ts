import type { GreyImage, Pixel } from '../photo-gauge/GreyImage'

const { hypot, round, floor, abs } = Math

/** Part of the pixels that vote: those where brightness changes most. */
const VOTING_SHARE = 0.08
/** A middle lies in the middle part of the picture, part of each side. */
const MARGIN_SHARE = 0.2

/**
 * The middle of round edges and of ticks: each edge votes along the line across it, as a rim's goes through the middle, and
 * along itself, as a tick's and a hand's does.
 * @param image - small, a few hundred px a side
 * @returns px of that picture
 */
export function roughMiddle({ widthPx, heightPx, values }: GreyImage): Pixel {
  const at = (x: number, y: number) => values[y * widthPx + x] ?? 0
  const edges: { x: number; y: number; gx: number; gy: number; size: number }[] = []
  for (let y = 1; y < heightPx - 1; y++) {
    for (let x = 1; x < widthPx - 1; x++) {
      const [gx, gy] = [at(x + 1, y) - at(x - 1, y), at(x, y + 1) - at(x, y - 1)]
      edges.push({ x, y, gx, gy, size: hypot(gx, gy) })
    }
  }
  edges.sort((a, b) => b.size - a.size)
  const votes = new Float64Array(widthPx * heightPx)
  const [left, top] = [floor(widthPx * MARGIN_SHARE), floor(heightPx * MARGIN_SHARE)]
  const vote = (x: number, y: number, stepX: number, stepY: number) => {
    // Along the longer side of the line, so that every row or column gets one vote.
    const isFlat = abs(stepX) > abs(stepY)
    const [from, to] = isFlat ? [left, widthPx - left] : [top, heightPx - top]
    for (let along = from; along < to; along++) {
      const other = isFlat ? y + ((along - x) * stepY) / stepX : x + ((along - y) * stepX) / stepY
      const [vx, vy] = isFlat ? [along, round(other)] : [round(other), along]
      if (vx < left || vx >= widthPx - left || vy < top || vy >= heightPx - top) continue
      votes[vy * widthPx + vx] = (votes[vy * widthPx + vx] ?? 0) + 1
    }
  }
  for (const { x, y, gx, gy, size } of edges.slice(0, floor(edges.length * VOTING_SHARE))) {
    if (size === 0) continue
    vote(x, y, gx, gy)
    vote(x, y, -gy, gx)
  }
  return strongest(votes, widthPx, heightPx)
}

/** The middle of the strongest few pixels about the most voted one. */
function strongest(votes: Float64Array, widthPx: number, heightPx: number): Pixel {
  const sumAbout = (x: number, y: number) => {
    let [sum, sx, sy] = [0, 0, 0]
    for (let dy = -2; dy <= 2; dy++) {
      for (let dx = -2; dx <= 2; dx++) {
        const vote = votes[(y + dy) * widthPx + x + dx] ?? 0
        sum += vote
        sx += vote * (x + dx)
        sy += vote * (y + dy)
      }
    }
    return { sum, x: sx / sum, y: sy / sum }
  }
  let best = { sum: 0, x: widthPx / 2, y: heightPx / 2 }
  for (let y = 2; y < heightPx - 2; y++) {
    for (let x = 2; x < widthPx - 2; x++) {
      const here = sumAbout(x, y)
      if (here.sum > best.sum) best = here
    }
  }
  return { x: best.x, y: best.y }
}
