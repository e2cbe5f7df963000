import { Matrix, solve } from 'ml-matrix'
import { requireFinite } from '../guard/require'

export interface RimReading {
  /** place round the rim, degrees clockwise from 12 */
  readonly placeDeg: number
  readonly thicknessMm: number
}

export interface Taper {
  readonly meanMm: number
  /** thickest less thinnest place of the fitted wedge, mm, >= 0 */
  readonly taperMm: number
  /** where it is thickest, degrees clockwise from 12, 0 <= x < 360 */
  readonly thickSideDeg: number
}

const FEWEST_PLACES = 3

/**
 * A wedge through thicknesses round the rim: t(θ) = t0 + a·cosθ + b·sinθ.
 * @param readings - at three different places or more
 * @returns null when fewer places were read: no wedge can be told
 * @source least squares on the first harmonic; the same model as a tilted rim
 * @example 12: 0.52, 3: 0.48, 6: 0.44, 9: 0.50 // 0.485, wedge 0.0825, thick at 346°
 */
export function fitTaper(readings: readonly RimReading[]): Taper | null {
  for (const { placeDeg, thicknessMm } of readings) {
    requireFinite('placeDeg', placeDeg, 'degrees')
    requireFinite('thicknessMm', thicknessMm, 'mm')
  }
  if (new Set(readings.map((r) => ((r.placeDeg % 360) + 360) % 360)).size < FEWEST_PLACES) return null
  const radians = readings.map((r) => (r.placeDeg * Math.PI) / 180)
  const design = new Matrix(radians.map((angle) => [1, Math.cos(angle), Math.sin(angle)]))
  const [meanMm = 0, a = 0, b = 0] = solve(
    design,
    Matrix.columnVector(readings.map((r) => r.thicknessMm)),
    true,
  ).to1DArray()
  return {
    meanMm,
    taperMm: 2 * Math.hypot(a, b),
    thickSideDeg: ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360,
  }
}
