import { Matrix, solve } from 'ml-matrix'

/** Where two straight lines meet that readings follow, one up to there and the other from there on. */
export interface Knee {
  readonly x: number
  readonly y: number
  readonly slopeBefore: number
  readonly slopeAfter: number
}

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
 * @param before - `flat`: force is none up to the knee; `line`: any straight line
 * @returns null where there is too little to tell
 * @source continuous two-phase regression (Hudson 1966), its knee by a grid
 */
export function kneeOf({ x, y }: Stretch, before: 'flat' | 'line'): Knee | null {
  const unknowns = before === 'flat' ? 1 : 3
  if (x.length < unknowns + 2) return null
  let [low, high] = [Math.min(...x), Math.max(...x)]
  if (!(high > low)) return null
  let best: { knee: Knee; squares: number } | null = null
  for (let round = 0; round < REFINED; round++) {
    const step = (high - low) / TRIED
    for (let i = 0; i <= TRIED; i++) {
      const tried = fitted({ x, y }, low + i * step, before)
      if (!best || tried.squares < best.squares) best = tried
    }
    const middle = best?.knee.x ?? low
    ;[low, high] = [Math.max(low, middle - 2 * step), Math.min(high, middle + 2 * step)]
  }
  return best?.knee ?? null
}

function fitted({ x, y }: Stretch, at: number, before: 'flat' | 'line'): { knee: Knee; squares: number } {
  // Height at the knee, slope before, slope after: the sums of their normal equations.
  const sums = new Float64Array(10)
  for (const [i, value] of x.entries()) {
    const [up, past, force] = [Math.min(0, value - at), Math.max(0, value - at), y[i] ?? 0]
    const terms = [1, up, past, up * up, past * past, force, force * up, force * past, force * force]
    for (const [k, term] of terms.entries()) sums[k] = (sums[k] ?? 0) + term
  }
  const [n = 0, u = 0, p = 0, uu = 0, pp = 0, f = 0, fu = 0, fp = 0, ff = 0] = sums
  if (before === 'flat') {
    const slopeAfter = pp > 0 ? fp / pp : 0
    return { knee: { x: at, y: 0, slopeBefore: 0, slopeAfter }, squares: ff - slopeAfter * fp }
  }
  const normal = new Matrix([
    [n, u, p],
    [u, uu + RIDGE, 0],
    [p, 0, pp + RIDGE],
  ])
  const [height = 0, slopeBefore = 0, slopeAfter = 0] = solve(
    normal,
    Matrix.columnVector([f, fu, fp]),
  ).to1DArray()
  return {
    knee: { x: at, y: height, slopeBefore, slopeAfter },
    squares: ff - height * f - slopeBefore * fu - slopeAfter * fp,
  }
}
