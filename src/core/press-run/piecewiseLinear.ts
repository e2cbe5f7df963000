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
  const costOf = lineCosts(series)
  const best = new Float64Array(count + 1).fill(Infinity)
  const cutBefore = new Int32Array(count + 1)
  best[0] = -penalty
  let candidates = new Int32Array(count + 1)
  let kept = new Int32Array(count + 1)
  let [candidateCount, keptCount] = [1, 0]
  const cost = new Float64Array(count + 1)
  for (let to = LEAST_READINGS; to <= count; to++) {
    // A cut leaves room for a piece on both sides of it.
    if (to - LEAST_READINGS >= LEAST_READINGS) candidates[candidateCount++] = to - LEAST_READINGS
    let [least, from] = [Infinity, 0]
    for (let i = 0; i < candidateCount; i++) {
      const cut = candidates[i] ?? 0
      const total = (best[cut] ?? Infinity) + (cost[i] = costOf(cut, to)) + penalty
      if (total < least) [least, from] = [total, cut]
    }
    best[to] = least
    cutBefore[to] = from
    keptCount = 0
    for (let i = 0; i < candidateCount; i++) {
      const cut = candidates[i] ?? 0
      // Squares only grow with a piece: what is behind by a penalty now stays behind.
      if ((best[cut] ?? Infinity) + (cost[i] ?? 0) <= least) kept[keptCount++] = cut
    }
    ;[candidates, kept] = [kept, candidates]
    candidateCount = keptCount
  }
  const pieces: Piece[] = []
  for (let to = count; to > 0; to = cutBefore[to] ?? 0)
    pieces.unshift(pieceOf(series, cutBefore[to] ?? 0, to))
  return pieces
}

/** Weighted squares off the best line through any stretch of a series, each in constant time from running sums. */
function lineCosts({ x, y, weight }: WeightedSeries): (from: number, to: number) => number {
  const count = x.length
  // Centred: sums of squares of far-off figures lose their digits.
  const [x0, y0] = [mean(x), mean(y)]
  const sums = Array.from({ length: 6 }, () => new Float64Array(count + 1))
  const [w, wx, wy, wxx, wxy, wyy] = sums as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  for (let i = 0; i < count; i++) {
    const [k, dx, dy] = [weight[i] ?? 0, (x[i] ?? 0) - x0, (y[i] ?? 0) - y0]
    w[i + 1] = (w[i] ?? 0) + k
    wx[i + 1] = (wx[i] ?? 0) + k * dx
    wy[i + 1] = (wy[i] ?? 0) + k * dy
    wxx[i + 1] = (wxx[i] ?? 0) + k * dx * dx
    wxy[i + 1] = (wxy[i] ?? 0) + k * dx * dy
    wyy[i + 1] = (wyy[i] ?? 0) + k * dy * dy
  }
  return (from, to) => {
    const total = w[to]! - w[from]!
    const [sx, sy] = [wx[to]! - wx[from]!, wy[to]! - wy[from]!]
    const xx = wxx[to]! - wxx[from]! - (sx * sx) / total
    const xy = wxy[to]! - wxy[from]! - (sx * sy) / total
    const yy = wyy[to]! - wyy[from]! - (sy * sy) / total
    return Math.max(0, xx > FLAT ? yy - (xy * xy) / xx : yy)
  }
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
  const at = (i: number) => my + slope * ((x[i] ?? 0) - mx)
  return { from, to, slope, startY: at(from), endY: at(to - 1) }
}

function mean(values: Float64Array): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}
