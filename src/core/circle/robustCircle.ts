import { requirePositive } from '../guard/require'
import type { Point } from './Circle'
import { distanceFromCircle } from './Circle'
import type { CircleFit } from './fitCircle'
import { fitCircle } from './fitCircle'
import { taubinCircle } from './taubinCircle'

export type RobustCircleOutcome =
  | {
      ok: true
      fit: CircleFit
      /** for every point given: does it lie on the circle? */
      inliers: readonly boolean[]
    }
  | { ok: false; reason: 'too-few-points' | 'collinear' | 'not-converged' | 'no-circle' }

export interface RobustOptions {
  /** a point further from the circle than this is no part of it, mm */
  readonly toleranceMm: number
  /** standard uncertainty of one point, mm */
  readonly pointUncertaintyMm: number
  /** numbers 0…1; the same row gives the same answer */
  readonly random: () => number
}

const FEWEST_DRAWS = 20
const MOST_DRAWS = 400
/** Chance wanted of having drawn three points of the circle at least once. */
const SURE = 0.999
/** Points every draw is judged by: more would not change which draw wins. */
const JUDGED_POINTS = 2000
const REFITS = 4
/** Fewer of the points than this on one circle is no circle. */
const LEAST_SHARE = 0.3

/**
 * Circle through points of which some are not on it: the draw of three that most points agree with, then a
 * geometric fit to those, chosen anew until they stand.
 * @source Fischler & Bolles, Comm. ACM 24 (1981): random sample consensus
 */
export function robustCircle(points: readonly Point[], options: RobustOptions): RobustCircleOutcome {
  const { toleranceMm, pointUncertaintyMm, random } = options
  requirePositive('toleranceMm', toleranceMm, 'mm')
  const plain = fitCircle(points, pointUncertaintyMm)
  if (points.length <= 4) {
    return plain.ok ? { ok: true, fit: plain.fit, inliers: points.map(() => true) } : plain
  }
  const start = bestDraw(points, toleranceMm, random)
  if (!start) return plain.ok ? { ok: false, reason: 'no-circle' } : plain
  let inside = points.filter((p) => Math.abs(distanceFromCircle(p, start)) <= toleranceMm)
  for (let i = 0; i < REFITS; i++) {
    const outcome = fitCircle(inside, pointUncertaintyMm)
    if (!outcome.ok) return outcome
    const inliers = points.map((p) => Math.abs(distanceFromCircle(p, outcome.fit)) <= toleranceMm)
    const next = points.filter((_, at) => inliers[at])
    if (next.length < LEAST_SHARE * points.length || next.length < 3)
      return { ok: false, reason: 'no-circle' }
    if (next.length === inside.length || i === REFITS - 1) return { ok: true, fit: outcome.fit, inliers }
    inside = next
  }
  return { ok: false, reason: 'not-converged' }
}

function bestDraw(points: readonly Point[], toleranceMm: number, random: () => number) {
  const pick = () => points[Math.min(points.length - 1, Math.floor(random() * points.length))]
  const stride = Math.max(1, Math.floor(points.length / JUDGED_POINTS))
  let best: { circle: NonNullable<ReturnType<typeof taubinCircle>>; votes: number } | null = null
  const judged = Math.ceil(points.length / stride)
  let needed = MOST_DRAWS
  for (let draw = 0; draw < needed; draw++) {
    const three = [pick(), pick(), pick()].filter((p) => p !== undefined)
    const circle = taubinCircle(three)
    if (!circle) continue
    let votes = 0
    for (let i = 0; i < points.length; i += stride) {
      const point = points[i]
      if (point && Math.abs(distanceFromCircle(point, circle)) <= toleranceMm) votes++
    }
    if (!best || votes > best.votes) {
      best = { circle, votes }
      needed = drawsNeeded(votes / judged)
    }
  }
  return best?.circle ?? null
}

/** Draws after which three points of a circle that holds this share of them have surely been drawn. */
function drawsNeeded(share: number): number {
  const chance = share ** 3
  if (chance >= SURE) return FEWEST_DRAWS
  const draws = Math.ceil(Math.log(1 - SURE) / Math.log(1 - chance))
  return Math.min(MOST_DRAWS, Math.max(FEWEST_DRAWS, draws))
}
