import { requireAtLeast, requirePositive } from '../guard/require'
import { combinedEstimate, covarianceMm2 } from './combinedEstimate'
import type { Estimate } from './Estimate'
import { generalisedLeastSquares } from './generalisedLeastSquares'

/**
 * Best value from several estimates of the same quantity: generalised least squares, with what they share as their
 * covariance; of independent ones the mean weighted by inverse variance.
 * @param estimates - one or more
 * @throws RangeError if there is none, one has no uncertainty, or together they leave no error of their own
 * @source Aitken, Proc. Roy. Soc. Edinburgh 55 (1935); covariance of errors of a shared origin: GUM, JCGM 100:2008, F.1.2.3
 */
export function fuseEstimates(estimates: readonly Estimate[]): Estimate {
  requireAtLeast('estimates', estimates, 1)
  for (const { standardUncertaintyMm } of estimates)
    requirePositive('standardUncertaintyMm', standardUncertaintyMm, 'mm')
  const [only] = estimates
  if (only && estimates.length === 1) return only
  const [weights = []] = generalisedLeastSquares(
    estimates.map(() => [1]),
    covarianceOf(estimates),
  )
  return combinedEstimate(estimates.map((estimate, i) => [weights[i] ?? 0, estimate]))
}

/** The covariance matrix of estimates, mm²: variances on the diagonal, what is shared beside it. */
export function covarianceOf(estimates: readonly Estimate[]): number[][] {
  return estimates.map((row, i) =>
    estimates.map((column, j) => (i === j ? row.standardUncertaintyMm ** 2 : covarianceMm2(row, column))),
  )
}
