import { inverse, Matrix } from 'ml-matrix'
import type { Circle, Point } from './Circle'
import { distanceFromCircle } from './Circle'
import { taubinCircle } from './taubinCircle'

export interface CircleFit extends Circle {
  /** Σ of squared distances, mm² */
  readonly sumOfSquaresMm2: number
  /** root mean square distance with n − 3 degrees of freedom, mm; 0 for three points */
  readonly residualMm: number
  /** scatter of one point that was reckoned with, mm */
  readonly pointScatterMm: number
  /** standard uncertainty of the diameter, mm: scatter of the points carried through the fit */
  readonly diameterUncertaintyMm: number
  /** angle the points span, seen from the centre, degrees */
  readonly arcDeg: number
}

export type CircleFitOutcome =
  | { ok: true; fit: CircleFit; iterations: number }
  | { ok: false; reason: 'too-few-points' | 'collinear' | 'not-converged' }

const FEWEST_POINTS = 3
const MOST_ITERATIONS = 100
/** Step, relative to the radius, at which the fit stands. */
const RELATIVE_STEP = 1e-12
const FIRST_DAMPING = 1e-4
/** What is said of a point beforehand weighs as much as so many points to spare. From memory. */
const BELIEVED_POINTS = 4
/** A radius this many times the spread of the points is a line for every purpose. */
const LINE_RADIUS = 1e5

/**
 * Geometric circle through points: least squares of the distances, Levenberg–Marquardt from a Taubin start.
 * @param points - edge points, mm, at least three not on one line
 * @param pointUncertaintyMm - standard uncertainty of one point, mm; what the points themselves show is weighed against it
 * @source Gander, Golub & Strebel, BIT 34 (1994); Chernov, Circular and Linear Regression (2010), 4.5
 */
export function fitCircle(points: readonly Point[], pointUncertaintyMm = 0): CircleFitOutcome {
  if (points.length < FEWEST_POINTS) return { ok: false, reason: 'too-few-points' }
  const start = taubinCircle(points)
  if (!start || start.radiusMm > LINE_RADIUS * spreadOf(points)) return { ok: false, reason: 'collinear' }
  let circle: Circle = start
  let squares = sumOfSquares(points, circle)
  let damping = FIRST_DAMPING
  for (let iterations = 1; iterations <= MOST_ITERATIONS; iterations++) {
    const normal = normalEquations(points, circle)
    const next = stepped(circle, normal, damping)
    const nextSquares = next ? sumOfSquares(points, next) : Infinity
    if (!next || !(nextSquares <= squares)) {
      damping *= 10
      // No shorter step improves it either: rounding is all that is left.
      if (damping > 1e12) return settled(points, circle, squares, pointUncertaintyMm, iterations)
      continue
    }
    const move = Math.hypot(
      next.centre.xMm - circle.centre.xMm,
      next.centre.yMm - circle.centre.yMm,
      next.radiusMm - circle.radiusMm,
    )
    circle = next
    squares = nextSquares
    damping = Math.max(damping / 10, 1e-15)
    if (move <= RELATIVE_STEP * circle.radiusMm) {
      return settled(points, circle, squares, pointUncertaintyMm, iterations)
    }
  }
  return { ok: false, reason: 'not-converged' }
}

/** JᵀJ and Jᵀd of the distances by (x, y, r). */
interface NormalEquations {
  readonly jtj: readonly [number, number, number, number, number, number]
  readonly jtd: readonly [number, number, number]
}

function normalEquations(points: readonly Point[], { centre, radiusMm }: Circle): NormalEquations {
  let [uu, uv, vv, u, v, ud, vd, d] = [0, 0, 0, 0, 0, 0, 0, 0]
  for (const { xMm, yMm } of points) {
    const dx = centre.xMm - xMm
    const dy = centre.yMm - yMm
    const length = Math.hypot(dx, dy)
    // At the centre itself the direction is not defined; the point pulls nowhere.
    const ux = length === 0 ? 0 : dx / length
    const uy = length === 0 ? 0 : dy / length
    const distance = length - radiusMm
    uu += ux * ux
    uv += ux * uy
    vv += uy * uy
    u += ux
    v += uy
    ud += ux * distance
    vd += uy * distance
    d += distance
  }
  return { jtj: [uu, uv, -u, vv, -v, points.length], jtd: [ud, vd, -d] }
}

function symmetric([a, b, c, d, e, f]: NormalEquations['jtj'], damping: number): Matrix {
  const k = 1 + damping
  return new Matrix([
    [a * k, b, c],
    [b, d * k, e],
    [c, e, f * k],
  ])
}

function stepped(circle: Circle, { jtj, jtd }: NormalEquations, damping: number): Circle | null {
  let step: Matrix
  try {
    step = inverse(symmetric(jtj, damping)).mmul(Matrix.columnVector([...jtd]))
  } catch {
    // Singular: the caller damps more.
    return null
  }
  const [dx, dy, dr] = [step.get(0, 0), step.get(1, 0), step.get(2, 0)]
  const radiusMm = circle.radiusMm - dr
  if (!(radiusMm > 0) || !Number.isFinite(dx + dy)) return null
  return { centre: { xMm: circle.centre.xMm - dx, yMm: circle.centre.yMm - dy }, radiusMm }
}

function settled(
  points: readonly Point[],
  circle: Circle,
  squares: number,
  pointUncertaintyMm: number,
  iterations: number,
): CircleFitOutcome {
  const free = points.length - FEWEST_POINTS
  const residualMm = free > 0 ? Math.sqrt(squares / free) : 0
  const scatter = scatterOf(squares, free, pointUncertaintyMm)
  let radiusVariance: number
  try {
    radiusVariance = inverse(symmetric(normalEquations(points, circle).jtj, 0)).get(2, 2)
  } catch {
    return { ok: false, reason: 'collinear' }
  }
  return {
    ok: true,
    iterations,
    fit: {
      ...circle,
      sumOfSquaresMm2: squares,
      residualMm,
      pointScatterMm: scatter,
      diameterUncertaintyMm: 2 * scatter * Math.sqrt(radiusVariance),
      arcDeg: arcOf(points, circle.centre),
    },
  }
}

/**
 * Scatter of one point, mm: as many points as were believed beforehand are weighed against those that tell themselves.
 * @source pooled variance, GUM, JCGM 100:2008, 4.2.4
 */
function scatterOf(squares: number, free: number, pointUncertaintyMm: number): number {
  const believed = pointUncertaintyMm > 0 ? BELIEVED_POINTS : 0
  if (free + believed === 0) return 0
  return Math.sqrt((believed * pointUncertaintyMm ** 2 + squares) / (believed + free))
}

function sumOfSquares(points: readonly Point[], circle: Circle): number {
  let sum = 0
  for (const point of points) sum += distanceFromCircle(point, circle) ** 2
  return sum
}

function spreadOf(points: readonly Point[]): number {
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const { xMm, yMm } of points) {
    left = Math.min(left, xMm)
    right = Math.max(right, xMm)
    top = Math.min(top, yMm)
    bottom = Math.max(bottom, yMm)
  }
  return Math.hypot(right - left, bottom - top)
}

/** The whole turn less the widest gap between neighbours, degrees. */
function arcOf(points: readonly Point[], centre: Point): number {
  const angles = Float64Array.from(points, (p) => Math.atan2(p.yMm - centre.yMm, p.xMm - centre.xMm)).sort()
  const first = angles[0] ?? 0
  let widest = first + 2 * Math.PI - (angles[angles.length - 1] ?? 0)
  for (let i = 1; i < angles.length; i++) {
    widest = Math.max(widest, (angles[i] ?? 0) - (angles[i - 1] ?? 0))
  }
  return ((2 * Math.PI - widest) * 180) / Math.PI
}
