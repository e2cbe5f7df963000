import type { Circle, Point } from '../circle/Circle'
import { distanceFromCircle } from '../circle/Circle'
import type { CircleFit } from '../circle/fitCircle'
import { fitCircle } from '../circle/fitCircle'
import { taubinCircle } from '../circle/taubinCircle'

/** A piece of an edge that runs along a circle. */
export interface EdgeArc {
  readonly points: readonly Point[]
  readonly fit: CircleFit
  readonly lengthMm: number
}

export interface ArcLimits {
  readonly leastRadiusMm: number
  readonly mostRadiusMm: number
  /** further than this off the circle ends the arc, mm */
  readonly toleranceMm: number
  readonly leastLengthMm: number
  readonly leastArcDeg: number
}

/** Sizes of what lies on a gauge sheet; arcs shorter than these say too little to be offered. From memory. */
export const ARC_LIMITS: ArcLimits = {
  leastRadiusMm: 4,
  mostRadiusMm: 32,
  toleranceMm: 0.06,
  leastLengthMm: 5,
  leastArcDeg: 15,
}

/** Length of edge the first circle of an arc is laid through, mm. */
const SEED_MM = 2.4
/** Points taken on before the circle is laid anew. */
const GROWTH = 8
/** Points in a row off the circle that end an arc: fewer are a speck. */
const MISSES = 12

/**
 * Arcs along one chain of edge points: a short piece that fits a circle, grown both ways while the points keep to it.
 * Straight breaks and ragged ones drop out: their circle is too large, or nothing keeps to it.
 */
export function arcsOfChain(chain: readonly Point[], limits: ArcLimits = ARC_LIMITS): EdgeArc[] {
  const arcs: EdgeArc[] = []
  let from = 0
  while (from < chain.length) {
    const to = reach(chain, from, SEED_MM)
    if (to === null) break
    const seed = chain.slice(from, to)
    const circle = taubinCircle(seed)
    // A short seed's radius is rough: only a straight or ragged one is turned away here.
    if (!circle || rms(seed, circle) > limits.toleranceMm / 2) {
      from += Math.max(1, Math.floor((to - from) / 3))
      continue
    }
    const grown = grow(chain, from, to, limits)
    const arc = arcOfPoints(grown.points)
    if (arc && withinLimits(arc, limits)) {
      arcs.push(arc)
      from = grown.to
    } else {
      from += Math.max(1, Math.floor((to - from) / 3))
    }
  }
  return arcs
}

/** Index after which the chain has run on by a length; null at its end. */
function reach(chain: readonly Point[], from: number, lengthMm: number): number | null {
  let run = 0
  for (let i = from + 1; i < chain.length; i++) {
    const [a, b] = [chain[i - 1], chain[i]]
    if (a && b) run += Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm)
    if (run >= lengthMm) return i + 1
  }
  return null
}

function grow(chain: readonly Point[], from: number, to: number, { toleranceMm }: ArcLimits) {
  const points = chain.slice(from, to)
  let circle = taubinCircle(points)
  let [next, misses, taken] = [to, 0, 0]
  let last = to
  while (circle && next < chain.length && misses < MISSES) {
    const point = chain[next]
    next++
    if (!point) break
    if (Math.abs(distanceFromCircle(point, circle)) > toleranceMm) {
      misses++
      continue
    }
    misses = 0
    points.push(point)
    last = next
    taken++
    // Early on the circle is rough and has to be laid anew often.
    if (taken % Math.max(GROWTH, Math.floor(points.length / 10)) === 0) {
      const better: Circle | null = taubinCircle(points)
      if (!better || rms(points, better) > toleranceMm) break
      circle = better
    }
  }
  return { points, to: last }
}

/** One circle through the points; null when none settles. */
export function arcOfPoints(points: readonly Point[]): EdgeArc | null {
  const outcome = fitCircle(points)
  if (!outcome.ok) return null
  return { points, fit: outcome.fit, lengthMm: (outcome.fit.radiusMm * outcome.fit.arcDeg * Math.PI) / 180 }
}

function withinLimits({ fit, lengthMm }: EdgeArc, limits: ArcLimits): boolean {
  return (
    fit.radiusMm >= limits.leastRadiusMm &&
    fit.radiusMm <= limits.mostRadiusMm &&
    fit.residualMm <= limits.toleranceMm &&
    lengthMm >= limits.leastLengthMm &&
    fit.arcDeg >= limits.leastArcDeg
  )
}

function rms(points: readonly Point[], circle: Circle): number {
  const squares = points.reduce((sum, p) => sum + distanceFromCircle(p, circle) ** 2, 0)
  return Math.sqrt(squares / points.length)
}

/**
 * Arcs of one and the same circle made into one: a rim broken by chips, a ring's edge found in three pieces.
 * @param arcs - any order; the longest takes the others in
 */
export function joinedArcs(arcs: readonly EdgeArc[], limits: ArcLimits = ARC_LIMITS): EdgeArc[] {
  const waiting = [...arcs].sort((a, b) => b.lengthMm - a.lengthMm)
  const joined: EdgeArc[] = []
  while (waiting.length > 0) {
    const [longest] = waiting.splice(0, 1)
    if (longest) joined.push(takingIn(longest, waiting, limits))
  }
  return joined.sort((a, b) => b.lengthMm - a.lengthMm)
}

/** The arc with every waiting one that lies on its circle; those leave the list. */
function takingIn(first: EdgeArc, waiting: EdgeArc[], limits: ArcLimits): EdgeArc {
  let arc = first
  let at = 0
  while (at < waiting.length) {
    const other = waiting[at]
    const together: EdgeArc | null = other ? sameCircle(arc, other, limits) : null
    if (together) {
      arc = together
      waiting.splice(at, 1)
      // A better known circle may now take in what it left before.
      at = 0
    } else at++
  }
  return arc
}

/** Both arcs' common circle, or null when they do not lie on one. */
function sameCircle(arc: EdgeArc, other: EdgeArc, { toleranceMm }: ArcLimits): EdgeArc | null {
  // The longer arc's circle is the better known: the other's points must keep to it roughly before both are fitted.
  const near = other.points.filter((p) => Math.abs(distanceFromCircle(p, arc.fit)) <= 3 * toleranceMm)
  if (near.length < other.points.length * 0.8) return null
  const together = arcOfPoints([...arc.points, ...other.points])
  return together && together.fit.residualMm <= toleranceMm / 2 ? together : null
}
