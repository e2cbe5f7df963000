import { Matrix, solve } from 'ml-matrix'

/** Where two straight lines meet that readings follow, one up to there and the other from there on. */
export interface Knee {
  readonly x: number
  readonly y: number
  readonly slopeBefore: number
  readonly slopeAfter: number
}

/** In ascending order of x. */
interface Stretch {
  readonly x: readonly number[]
  readonly y: readonly number[]
}

const TRIED = 60
const REFINED = 3
/** Keeps a side without readings from having any slope at all, mm². */
const RIDGE = 1e-9

/**
 * The knee that leaves the least squares, by trying places and then finer ones around the best.
 * @param before - `flat`: force is none up to the knee; `line`: it follows a straight line
 * @returns null where there is too little to tell
 * @source continuous two-phase regression (Hudson 1966), its knee by a grid
 */
export function kneeOf({ x, y }: Stretch, before: 'flat' | 'line'): Knee | null {
  const unknowns = before === 'flat' ? 1 : 3
  if (x.length < unknowns + 2) return null
  let [low, high] = [x[0] ?? 0, x.at(-1) ?? 0]
  if (!(high > low)) return null
  const sums = sumsOf({ x, y })
  let best: { knee: Knee; squares: number } | null = null
  for (let round = 0; round < REFINED; round++) {
    const step = (high - low) / TRIED
    for (let i = 0; i <= TRIED; i++) {
      const tried = fitted({ x, y }, sums, low + i * step, before)
      if (!best || tried.squares < best.squares) best = tried
    }
    const middle = best?.knee.x ?? low
    ;[low, high] = [Math.max(low, middle - 2 * step), Math.min(high, middle + 2 * step)]
  }
  return best?.knee ?? null
}

/** Sums over the readings up to each: how many, x, xx, y, xy, yy. */
interface Sums {
  readonly n: number
  readonly x: number
  readonly xx: number
  readonly y: number
  readonly xy: number
  readonly yy: number
}

function sumsOf({ x, y }: Stretch): Sums[] {
  const sums: Sums[] = [{ n: 0, x: 0, xx: 0, y: 0, xy: 0, yy: 0 }]
  for (const [i, a] of x.entries()) {
    const b = y[i] ?? 0
    const last = sums[i] ?? { n: 0, x: 0, xx: 0, y: 0, xy: 0, yy: 0 }
    sums.push({
      n: last.n + 1,
      x: last.x + a,
      xx: last.xx + a * a,
      y: last.y + b,
      xy: last.xy + a * b,
      yy: last.yy + b * b,
    })
  }
  return sums
}

/** Of a stretch of readings: sums of (x − at), its square, and that times y. */
function about(at: number, { n, x, xx, y, xy }: Sums): { u: number; uu: number; uy: number } {
  return { u: x - n * at, uu: xx - 2 * at * x + n * at * at, uy: xy - at * y }
}

function fitted(
  { x }: Stretch,
  sums: readonly Sums[],
  at: number,
  before: 'flat' | 'line',
): { knee: Knee; squares: number } {
  const [all, first] = [sums[x.length], sums[countUpTo(x, at)]]
  if (!all || !first) throw new RangeError(`kneeOf: expected sums of ${x.length} readings`)
  const rest = {
    n: all.n - first.n,
    x: all.x - first.x,
    xx: all.xx - first.xx,
    y: all.y - first.y,
    xy: all.xy - first.xy,
    yy: all.yy - first.yy,
  }
  const [up, past] = [about(at, first), about(at, rest)]
  if (before === 'flat') {
    const slopeAfter = past.uu > 0 ? past.uy / past.uu : 0
    return { knee: { x: at, y: 0, slopeBefore: 0, slopeAfter }, squares: all.yy - slopeAfter * past.uy }
  }
  // Height at the knee, slope before, slope after: their normal equations.
  const normal = new Matrix([
    [all.n, up.u, past.u],
    [up.u, up.uu + RIDGE, 0],
    [past.u, 0, past.uu + RIDGE],
  ])
  const [height = 0, slopeBefore = 0, slopeAfter = 0] = solve(
    normal,
    Matrix.columnVector([all.y, up.uy, past.uy]),
  ).to1DArray()
  return {
    knee: { x: at, y: height, slopeBefore, slopeAfter },
    squares: all.yy - height * all.y - slopeBefore * up.uy - slopeAfter * past.uy,
  }
}

/** How many readings lie up to a place; they are in ascending order. */
function countUpTo(x: readonly number[], at: number): number {
  let [low, high] = [0, x.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((x[middle] ?? 0) <= at) low = middle + 1
    else high = middle
  }
  return low
}
