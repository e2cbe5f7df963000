import type { Circle, Point } from './Circle'

const NEWTON_STEPS = 50
const RELATIVE_STEP = 1e-14
/** Determinant, relative to the moments, under which points count as one line. */
const COLLINEAR = 1e-12

/**
 * Algebraic circle fit after Taubin: a start for the geometric fit that short arcs do not bias to small circles.
 * @param points - at least three, mm
 * @returns null when they lie on one line
 * @source N. Chernov, Circular and Linear Regression (CRC, 2010), 5.7–5.9: Newton's root of the Taubin polynomial
 */
export function taubinCircle(points: readonly Point[]): Circle | null {
  const n = points.length
  const centre = meanPoint(points)
  // Moments about the mean: without centring, x⁴ of a far origin swallows the digits.
  let [xx, yy, xy, xz, yz, zz] = [0, 0, 0, 0, 0, 0]
  for (const { xMm, yMm } of points) {
    const x = xMm - centre.xMm
    const y = yMm - centre.yMm
    const z = x * x + y * y
    xx += x * x
    yy += y * y
    xy += x * y
    xz += x * z
    yz += y * z
    zz += z * z
  }
  ;[xx, yy, xy, xz, yz, zz] = [xx / n, yy / n, xy / n, xz / n, yz / n, zz / n]
  const z = xx + yy
  const covariance = xx * yy - xy * xy
  if (!(covariance > COLLINEAR * z * z)) return null
  const varianceZ = zz - z * z
  const a3 = 4 * z
  const a2 = -3 * z * z - zz
  const a1 = varianceZ * z + 4 * covariance * z - xz * xz - yz * yz
  const a0 = xz * (xz * yy - yz * xy) + yz * (yz * xx - xz * xy) - varianceZ * covariance
  let root = 0
  for (let i = 0; i < NEWTON_STEPS; i++) {
    const value = a0 + root * (a1 + root * (a2 + root * a3))
    const slope = a1 + root * (2 * a2 + root * 3 * a3)
    const next = root - value / slope
    if (!Number.isFinite(next) || Math.abs(next - root) <= RELATIVE_STEP * Math.abs(next)) break
    root = next
  }
  const determinant = root * root - root * z + covariance
  if (Math.abs(determinant) <= COLLINEAR * z * z) return null
  const x = (xz * (yy - root) - yz * xy) / determinant / 2
  const y = (yz * (xx - root) - xz * xy) / determinant / 2
  const radiusMm = Math.sqrt(x * x + y * y + z)
  return Number.isFinite(radiusMm) ? { centre: { xMm: centre.xMm + x, yMm: centre.yMm + y }, radiusMm } : null
}

function meanPoint(points: readonly Point[]): Point {
  let [x, y] = [0, 0]
  for (const { xMm, yMm } of points) {
    x += xMm
    y += yMm
  }
  return { xMm: x / points.length, yMm: y / points.length }
}
