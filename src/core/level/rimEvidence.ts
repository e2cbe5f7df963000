import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { planeRow } from './fitRimPlane'
import type { RimHeight } from './RimHeight'
import type { RimWorld } from './rimWorld'

/** One way a rim may have come to stand as it was read. */
export interface RimCause {
  /** index of the place a speck lifts; null without one */
  readonly lifted: number | null
  readonly warped: boolean
}

/** What speaks for one cause at one scatter, with the tilt that then follows. */
export interface RimEvidence extends RimCause {
  /** natural logarithm of prior times likelihood, but for a constant */
  readonly logWeight: number
  readonly meanMm: number
  /** halves of the tilt, towards 12 and towards 3, mm */
  readonly cosMm: number
  readonly sinMm: number
  /** their variance, mm² */
  readonly varianceMm2: number
  readonly bumpMm: number
  /** halves of the warp along 12–6 and along 1:30–7:30, mm */
  readonly warpCosMm: number
  readonly warpSinMm: number
}

/** The middle of the rim may lie anywhere, mm. */
const MEAN_SPREAD_MM = 5

/**
 * Weighs every cause of a rim's heights: level with noise, a speck under one place, a warp, or both, each at several
 * sizes and scatters. Heights are then normal: h = X·c + bump·e + noise with c normal around 0.
 * @source Gaussian marginal likelihood and posterior of a linear model (Rasmussen & Williams 2006, 2.1); Bayes' rule
 */
export function rimEvidence(heights: readonly RimHeight[], world: RimWorld): RimEvidence[] {
  return [false, true].flatMap((warped) =>
    world.noisesMm.flatMap((noiseMm) => atScatter(heights, { warped, noiseMm }, world)),
  )
}

function atScatter(
  heights: readonly RimHeight[],
  { warped, noiseMm }: { readonly warped: boolean; readonly noiseMm: number },
  world: RimWorld,
): RimEvidence[] {
  const count = heights.length
  const design = new Matrix(heights.map(({ directionDeg }) => designRow(directionDeg)))
  const { tiltMm, warpMm } = world
  const warpVariance = warped ? warpMm ** 2 : 0
  const spread = Matrix.diag([MEAN_SPREAD_MM ** 2, tiltMm ** 2, tiltMm ** 2, warpVariance, warpVariance])
  const toCoefficients = spread.mmul(design.transpose())
  const covariance = Matrix.add(design.mmul(toCoefficients), Matrix.eye(count).mul(noiseMm ** 2))
  const factor = new CholeskyDecomposition(covariance)
  const precision = factor.solve(Matrix.eye(count))
  const logDeterminant = 2 * factor.lowerTriangularMatrix.diagonal().reduce((sum, d) => sum + Math.log(d), 0)
  const gain = toCoefficients.mmul(precision)
  const left = Matrix.sub(spread, gain.mmul(toCoefficients.transpose()))
  const varianceMm2 = (left.get(1, 1) + left.get(2, 2)) / 2

  const read = heights.map(({ heightMm }) => heightMm)
  const weighted = precision.mmul(Matrix.columnVector(read)).to1DArray()
  const squared = weighted.reduce((sum, value, i) => sum + value * (read[i] ?? 0), 0)
  const coefficients = gain.mmul(Matrix.columnVector(read)).to1DArray()
  const warpPrior = Math.log(warped ? world.warped : 1 - world.warped)

  const cause = (lifted: number | null, bumpMm: number, prior: number): RimEvidence => {
    const at = lifted ?? 0
    const quadratic =
      squared - 2 * bumpMm * (weighted[at] ?? 0) + bumpMm ** 2 * (lifted === null ? 0 : precision.get(at, at))
    const less = (row: number) =>
      (coefficients[row] ?? 0) - (lifted === null ? 0 : bumpMm * gain.get(row, at))
    return {
      lifted,
      warped,
      logWeight: Math.log(prior) + warpPrior - (quadratic + logDeterminant) / 2,
      meanMm: less(0),
      cosMm: less(1),
      sinMm: less(2),
      varianceMm2,
      bumpMm,
      warpCosMm: less(3),
      warpSinMm: less(4),
    }
  }
  const each = world.dirty / count / world.bumpsMm.length
  return [
    cause(null, 0, 1 - world.dirty),
    ...heights.flatMap((_, place) => world.bumpsMm.map((bumpMm) => cause(place, bumpMm, each))),
  ]
}

/** Mean, tilt and warp at a place. */
function designRow(directionDeg: number): number[] {
  const doubled = (2 * directionDeg * Math.PI) / 180
  return [...planeRow(directionDeg), Math.cos(doubled), Math.sin(doubled)]
}
