import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import type { EdgeProfile } from './edgeProfile'

/** A sharp edge as a blurred picture shows it. */
export interface BlurredStep {
  /** where it is, px outward of where it was looked for */
  readonly atPx: number
  /** by how much it grows brighter outward there; negative means darker */
  readonly rise: number
}

export interface StepsFit {
  readonly steps: readonly BlurredStep[]
  /** weighted sum of the squares of what it leaves unexplained */
  readonly residual: number
  /** the least of the levels between its steps: below nothing is no light */
  readonly darkest: number
}

/** How far from where it was looked for an edge may be, and its neighbour from it, px. */
const MOST_OFF_PX = 3
const LEAST_APART_PX = 0.6
const MOST_APART_PX = 6
/** Grids of the search, px: each looks about the best of the one before. */
const GRIDS_PX = [0.4, 0.08, 0.016] as const
const FINEST_PX = GRIDS_PX[2]
/** What is far from the edge tells little of it: half-width of the window, standard deviation, px. */
const WINDOW_PX = 3.5

/** One step that best explains a profile, its blur given, px. */
export function oneStep(profile: EdgeProfile, blurPx: number): StepsFit {
  return refined([[0, MOST_OFF_PX]], solverOf(profile, blurPx))
}

/**
 * Two steps that best explain a profile, its blur given, px: the first is the one looked for, and grows brighter outward
 * or darker as it must; of two that do, the stronger.
 */
export function twoSteps(profile: EdgeProfile, blurPx: number, grows: boolean): StepsFit {
  const solve = solverOf(profile, blurPx)
  const judge = (at: number, apart: number) => {
    const fit = solve([at, at + apart])
    const [main, neighbour] = fit.steps
    if (!main || !neighbour || main.rise > 0 !== grows || fit.darkest < 0) return NOTHING
    // Of two that both go the right way, as a shadow’s beside a ring’s, either would do for the profile.
    const isWeaker = neighbour.rise > 0 === grows && Math.abs(neighbour.rise) > Math.abs(main.rise)
    return isWeaker ? NOTHING : fit
  }
  const judged = ([at = 0, apart = 0]: readonly number[]) =>
    Math.abs(apart) < LEAST_APART_PX ? NOTHING : judge(at, apart)
  const reach = (MOST_APART_PX - LEAST_APART_PX) / 2
  const [coarse, ...finer] = GRIDS_PX
  const beside = (sign: 1 | -1) =>
    refined(
      [
        [0, MOST_OFF_PX],
        [sign * (LEAST_APART_PX + reach), reach],
      ],
      judged,
      [coarse],
    )
  const [outer, inner] = [beside(1), beside(-1)]
  const best = outer.residual < inner.residual ? outer : inner
  const [main, neighbour] = best.steps
  if (!main || !neighbour) return best
  const about: readonly Range[] = [
    [main.atPx, coarse],
    [neighbour.atPx - main.atPx, coarse],
  ]
  return refined(about, judged, finer)
}

const NOTHING: StepsFit = { steps: [], residual: Infinity, darkest: 0 }

type Range = readonly [middle: number, reach: number]

/** The best of a grid over all ranges, then of a finer one about it. */
function refined(
  ranges: readonly Range[],
  judge: (at: readonly number[]) => StepsFit,
  grids: readonly number[] = GRIDS_PX,
): StepsFit {
  let about = ranges
  let best = NOTHING
  for (const grid of grids) {
    let bestAt: readonly number[] = about.map(([middle]) => middle)
    for (const at of combinations(about.map(([middle, reach]) => gridOf(middle, reach, grid)))) {
      const fit = judge(at)
      if (fit.residual < best.residual) [best, bestAt] = [fit, at]
    }
    about = bestAt.map((middle): Range => [middle, grid])
  }
  return best
}

function gridOf(middle: number, reach: number, step: number): number[] {
  const half = Math.round(reach / step)
  return Array.from({ length: 2 * half + 1 }, (_, i) => middle + (i - half) * step)
}

function combinations(axes: readonly (readonly number[])[]): number[][] {
  return axes.reduce<number[][]>((all, axis) => all.flatMap((one) => axis.map((at) => [...one, at])), [[]])
}

/** Steps at these places, with the levels and rises that best explain a profile. */
type Solve = (at: readonly number[]) => StepsFit

/** Linear least squares over one profile; what a step at a place looks like is worked out once. */
function solverOf({ atPx, light }: EdgeProfile, blurPx: number): Solve {
  const weights = Float64Array.from(atPx, (s) => Math.exp(-((s / WINDOW_PX) ** 2) / 2))
  const level = Float64Array.from(atPx, () => 1)
  const seen = Float64Array.from(light)
  const known = new Map<number, Float64Array>()
  const columnOf = (step: number): Float64Array => {
    const key = Math.round(step / FINEST_PX)
    const before = known.get(key)
    if (before) return before
    const column = Float64Array.from(atPx, (s) => normalCdf(s, step, blurPx))
    known.set(key, column)
    return column
  }
  return (at) => solved(weights, [level, ...at.map(columnOf)], seen, at)
}

function solved(
  weights: Float64Array,
  columns: readonly Float64Array[],
  light: Float64Array,
  at: readonly number[],
): StepsFit {
  const size = columns.length
  // Normal equations with the right side as last column.
  const rows = columns.map((a) => [
    ...columns.map((b) => weightedSum(weights, a, b)),
    weightedSum(weights, a, light),
  ])
  for (let pivot = 0; pivot < size; pivot++) {
    const head = rows[pivot] ?? []
    const by = head[pivot] ?? 0
    if (!(Math.abs(by) > 1e-9)) return NOTHING
    for (let row = pivot + 1; row < size; row++) {
      const line = rows[row] ?? []
      const factor = (line[pivot] ?? 0) / by
      for (let k = pivot; k <= size; k++) line[k] = (line[k] ?? 0) - factor * (head[k] ?? 0)
    }
  }
  const found = new Array<number>(size).fill(0)
  for (let row = size - 1; row >= 0; row--) {
    const line = rows[row] ?? []
    let sum = line[size] ?? 0
    for (let k = row + 1; k < size; k++) sum -= (line[k] ?? 0) * (found[k] ?? 0)
    found[row] = sum / (line[row] ?? 1)
  }
  let residual = 0
  for (let i = 0; i < light.length; i++) {
    let left = light[i] ?? 0
    for (let k = 0; k < size; k++) left -= (found[k] ?? 0) * (columns[k]?.[i] ?? 0)
    residual += (weights[i] ?? 0) * left * left
  }
  const steps = at.map((place, k) => ({ atPx: place, rise: found[k + 1] ?? 0 }))
  let [here, darkest] = [found[0] ?? 0, found[0] ?? 0]
  for (const { rise } of steps.toSorted((a, b) => a.atPx - b.atPx)) {
    here += rise
    darkest = Math.min(darkest, here)
  }
  return { steps, residual, darkest }
}

function weightedSum(weights: Float64Array, a: Float64Array, b: Float64Array): number {
  let sum = 0
  for (let i = 0; i < weights.length; i++) sum += (weights[i] ?? 0) * (a[i] ?? 0) * (b[i] ?? 0)
  return sum
}
