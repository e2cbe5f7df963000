import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { CaseTrouble } from '../tray/CaseTrouble'

/**
 * Weights of the generalised least squares estimate x̂ = (AᵀV⁻¹A)⁻¹AᵀV⁻¹y: one row of weights a parameter, so that
 * x̂ = W·y, whatever y is.
 * @param design - one row an observation, one column a parameter
 * @param covariance - of the observations, symmetric and positive definite
 * @throws CaseTrouble if the covariance is not positive definite
 * @throws RangeError if the observations do not settle every parameter
 * @source Aitken, Proc. Roy. Soc. Edinburgh 55 (1935)
 */
export function generalisedLeastSquares(
  design: readonly (readonly number[])[],
  covariance: readonly (readonly number[])[],
): number[][] {
  const a = new Matrix(design.map((row) => [...row]))
  const v = new CholeskyDecomposition(new Matrix(covariance.map((row) => [...row])))
  if (!v.isPositiveDefinite())
    throw new CaseTrouble(
      `covariance of ${covariance.length} readings: expected positive definite. An instrument’s own error is missing, or the same reading is there twice: look at the instruments in Settings.`,
    )
  const weighted = v.solve(a).transpose()
  const product = weighted.mmul(a)
  // Symmetric but for its last bits.
  const normal = new CholeskyDecomposition(Matrix.add(product, product.transpose()).mul(0.5))
  if (!normal.isPositiveDefinite())
    throw new RangeError(`design: ${design.length} readings do not settle ${design[0]?.length ?? 0} figures`)
  return normal.solve(weighted).to2DArray()
}
