import { requirePositive } from '../guard/require'

/** Readings to be cut into straight pieces, in ascending order of `x`. */
export interface WeightedSeries {
  readonly x: Float64Array
  readonly y: Float64Array
  /** 1/variance of each y */
  readonly weight: Float64Array
}

/** One straight piece. */
export interface Piece {
  /** indices into the series: from the first, up to and without the last */
  readonly from: number
  readonly to: number
  readonly slope: number
  /** of the line at the first and at the last reading of the piece */
  readonly startY: number
  readonly endY: number
}

/** A line through fewer readings says nothing. */
const LEAST_READINGS = 2

/**
 * Cuts readings into straight pieces so that the weighted squares off the pieces plus a penalty for each piece are least:
 * the best there is, not a good one.
 * @param penalty - for each piece, in weighted squares, > 0: about the gain that chance alone gives
 * @source Bellman & Roth 1969, dynamic programming; cuts that can no longer win are dropped as in Killick et al. 2012
 */
export function piecewiseLinear(series: WeightedSeries, penalty: number): Piece[] {
  requirePositive('penalty', penalty, 'of weighted squares')
  const count = series.x.length
  if (count === 0) return []
  if (count < 2 * LEAST_READINGS) return [pieceOf(series, 0, count)]
  const sums = runningSums(series)
  const best = new Float64Array(count + 1).fill(Infinity)
  const cutBefore = new Int32Array(count + 1)
  best[0] = -penalty
  const cuts = new Int32Array(count + 1)
  const costs = new Float64Array(count + 1)
  let live = 1
  for (let to = LEAST_READINGS; to <= count; to++) {
    // A cut leaves room for a piece on both sides of it.
    if (to - LEAST_READINGS >= LEAST_READINGS) cuts[live++] = to - LEAST_READINGS
    let [least, from] = [Infinity, 0]
    for (let i = 0; i < live; i++) {
      const cut = at(cuts, i)
      const total = at(best, cut) + lineCost(sums, cut, to)
      costs[i] = total
      if (total < least) {
        least = total
        from = cut
      }
    }
    best[to] = least + penalty
    cutBefore[to] = from
    // Squares only grow with a piece: a cut that is behind by a penalty now stays behind.
    let kept = 0
    for (let i = 0; i < live; i++) if (at(costs, i) <= least + penalty) cuts[kept++] = at(cuts, i)
    live = kept
  }
  const pieces: Piece[] = []
  for (let to = count; to > 0; to = cutBefore[to] ?? 0)
    pieces.unshift(pieceOf(series, cutBefore[to] ?? 0, to))
  return pieces
}

/** Of each reading and all before it: weight, and weighted x, y, xx, xy, yy; figure by figure behind each other. */
function runningSums({ x, y, weight }: WeightedSeries): Float64Array {
  const count = x.length
  const sums = new Float64Array(SUMS * (count + 1))
  // Centred: sums of squares of far-off figures lose their digits.
  const [x0, y0] = [mean(x), mean(y)]
  for (let i = 0; i < count; i++) {
    const [k, dx, dy] = [at(weight, i), at(x, i) - x0, at(y, i) - y0]
    const terms = [k, k * dx, k * dy, k * dx * dx, k * dx * dy, k * dy * dy]
    for (let t = 0; t < SUMS; t++) sums[SUMS * (i + 1) + t] = at(sums, SUMS * i + t) + (terms[t] ?? 0)
  }
  return sums
}

const SUMS = 6

/** Weighted squares off the best line through a stretch, in constant time from running sums. */
function lineCost(sums: Float64Array, from: number, to: number): number {
  const a = SUMS * from
  const b = SUMS * to
  const w = at(sums, b) - at(sums, a)
  const wx = at(sums, b + 1) - at(sums, a + 1)
  const wy = at(sums, b + 2) - at(sums, a + 2)
  const xx = at(sums, b + 3) - at(sums, a + 3) - (wx * wx) / w
  const xy = at(sums, b + 4) - at(sums, a + 4) - (wx * wy) / w
  const yy = at(sums, b + 5) - at(sums, a + 5) - (wy * wy) / w
  return Math.max(0, xx > FLAT ? yy - (xy * xy) / xx : yy)
}

/** An element that is there: indices here are never out of range. */
function at(values: Float64Array | Int32Array, index: number): number {
  return values[index] as number
}

/** Readings closer together have no slope. */
const FLAT = 1e-12

function pieceOf({ x, y, weight }: WeightedSeries, from: number, to: number): Piece {
  let [total, sx, sy] = [0, 0, 0]
  for (let i = from; i < to; i++) {
    total += weight[i] ?? 0
    sx += (weight[i] ?? 0) * (x[i] ?? 0)
    sy += (weight[i] ?? 0) * (y[i] ?? 0)
  }
  const [mx, my] = [sx / total, sy / total]
  let [xx, xy] = [0, 0]
  for (let i = from; i < to; i++) {
    const dx = (x[i] ?? 0) - mx
    xx += (weight[i] ?? 0) * dx * dx
    xy += (weight[i] ?? 0) * dx * ((y[i] ?? 0) - my)
  }
  const slope = xx > FLAT ? xy / xx : 0
  const lineAt = (i: number) => my + slope * ((x[i] ?? 0) - mx)
  return { from, to, slope, startY: lineAt(from), endY: lineAt(to - 1) }
}

function mean(values: Float64Array): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}
