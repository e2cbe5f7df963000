import { Matrix, solve } from 'ml-matrix'
import { requireFinite } from '../guard/require'
import type { RimHeight, TiltVector } from './RimHeight'

export interface RimPlane {
  /** height in the middle, mm */
  readonly meanMm: number
  readonly tilt: TiltVector
  /** what is left at each place, in the order they came, mm */
  readonly residualsMm: readonly number[]
}

export type RimPlaneOutcome = { ok: true; plane: RimPlane } | { ok: false; reason: 'too-few-places' }

const UNKNOWNS = 3

/**
 * The plane a rim lies in: h(θ) = h0 + a·cosθ + b·sinθ by least squares, the tilt twice (a, b).
 * @param heights - at least three different places
 * @source least squares; a tilted circle's first harmonic
 * @example 12: .52, 3: .48, 6: .44, 9: .50 // mean .485, tilt 0.0825 high at 346°, residuals ±0.005
 */
export function fitRimPlane(heights: readonly RimHeight[]): RimPlaneOutcome {
  for (const { directionDeg, heightMm } of heights) {
    requireFinite('directionDeg', directionDeg, 'degrees')
    requireFinite('heightMm', heightMm, 'mm')
  }
  const places = new Set(heights.map(({ directionDeg }) => ((directionDeg % 360) + 360) % 360))
  if (places.size < UNKNOWNS) return { ok: false, reason: 'too-few-places' }
  const design = new Matrix(heights.map(({ directionDeg }) => planeRow(directionDeg)))
  const column = Matrix.columnVector(heights.map(({ heightMm }) => heightMm))
  const solution = solve(design, column, true)
  const [meanMm = 0, a = 0, b = 0] = solution.to1DArray()
  return {
    ok: true,
    plane: {
      meanMm,
      tilt: { towards12Mm: 2 * a, towards3Mm: 2 * b },
      residualsMm: Matrix.sub(column, design.mmul(solution)).to1DArray(),
    },
  }
}

/** What mean and the two halves of the tilt add at a place. */
export function planeRow(directionDeg: number): [number, number, number] {
  const angle = (directionDeg * Math.PI) / 180
  return [1, Math.cos(angle), Math.sin(angle)]
}
