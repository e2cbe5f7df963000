import { Matrix, solve } from 'ml-matrix'
import { requireFinite, requirePositive } from '../guard/require'

export interface DirectionalReading {
  /** direction of the measured diameter, degrees clockwise from 12; 0 and 180 are the same diameter */
  readonly directionDeg: number
  readonly diameterMm: number
}

export interface Roundness {
  /** least-squares mean diameter, mm */
  readonly leastSquaresDiameterMm: number
  /** largest less smallest diameter of the fitted oval, mm, >= 0 */
  readonly ovalityMm: number
  /** direction of the long axis, degrees clockwise from 12, 0 <= x < 180 */
  readonly longAxisDeg: number
}

export type RoundnessOutcome =
  { ok: true; roundness: Roundness } | { ok: false; reason: 'too-few-directions' }

/**
 * Mean diameter and two-lobed ovality from diameters in several directions: d(θ) = d0 + a·cos2θ + b·sin2θ.
 * @param readings - at least three different directions, else the oval cannot be told
 * @source least squares on the second harmonic, the lowest that two-point diameters can show
 * @example 0°: 31.04, 45°: 31.00, 90°: 30.96, 135°: 31.00 // 31.00, oval 0.08 along 0°
 */
export function fitRoundness(readings: readonly DirectionalReading[]): RoundnessOutcome {
  for (const { directionDeg, diameterMm } of readings) {
    requireFinite('directionDeg', directionDeg, 'degrees')
    requirePositive('diameterMm', diameterMm, 'mm')
  }
  const directions = new Set(readings.map(({ directionDeg }) => ((directionDeg % 180) + 180) % 180))
  if (directions.size < 3) return { ok: false, reason: 'too-few-directions' }

  const design = new Matrix(
    readings.map(({ directionDeg }) => {
      const doubled = (2 * directionDeg * Math.PI) / 180
      return [1, Math.cos(doubled), Math.sin(doubled)]
    }),
  )
  // Centre the diameters: an oval is hundredths on top of tens of millimetres.
  const offsetMm = readings[0]?.diameterMm ?? 0
  const solution = solve(design, Matrix.columnVector(readings.map((r) => r.diameterMm - offsetMm)), true)
  const [meanOffset = 0, a = 0, b = 0] = solution.to1DArray()
  const axisDeg = ((Math.atan2(b, a) / 2) * 180) / Math.PI
  return {
    ok: true,
    roundness: {
      leastSquaresDiameterMm: offsetMm + meanOffset,
      ovalityMm: 2 * Math.hypot(a, b),
      longAxisDeg: ((axisDeg % 180) + 180) % 180,
    },
  }
}
