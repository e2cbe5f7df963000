import { combinedEstimate, covarianceMm2 } from '../measure/combinedEstimate'
import type { Estimate } from '../measure/Estimate'
import { covarianceOf } from '../measure/fuseEstimates'
import { generalisedLeastSquares } from '../measure/generalisedLeastSquares'
import type { SizeEvidence } from './SizeEvidence'
import { crystalDiameter } from './SizeEvidence'

/** What all evidence together says of the old crystal and of the hole it went into. */
export interface JointFigures {
  /** diameter of the old crystal; null where nothing of it was read */
  readonly crystal: Estimate | null
  /** free opening of the case; null where nothing of it was read */
  readonly opening: Estimate | null
  /** what their errors have in common, mm²: one caliper read both */
  readonly covarianceMm2: number
}

/** One estimate, and how it is made up of crystal, opening and wall. */
interface Row {
  readonly estimate: Estimate
  readonly crystal: number
  readonly opening: number
  readonly wall: number
}

/**
 * Crystal and free opening from all evidence at once, by generalised least squares: readings of one instrument are off
 * alike, so that their difference is known better than either.
 * @throws RangeError if the covariance of the evidence is not positive definite
 * @source Aitken, Proc. Roy. Soc. Edinburgh 55 (1935); errors of a shared origin: GUM, JCGM 100:2008, F.1.2.3
 */
export function jointFigures(evidence: readonly SizeEvidence[]): JointFigures {
  const rows = evidence.flatMap(rowsOf)
  const names = (['crystal', 'opening', 'wall'] as const).filter((name) =>
    rows.some((row) => row[name] !== 0),
  )
  if (rows.length === 0) return { crystal: null, opening: null, covarianceMm2: 0 }
  const estimates = rows.map(({ estimate }) => estimate)
  const weights = generalisedLeastSquares(
    rows.map((row) => names.map((name) => row[name])),
    covarianceOf(estimates),
  )
  const figure = (name: (typeof names)[number]): Estimate | null => {
    const own = weights[names.indexOf(name)]
    return own ? combinedEstimate(estimates.map((estimate, i) => [own[i] ?? 0, estimate])) : null
  }
  const [crystal, opening] = [figure('crystal'), figure('opening')]
  return {
    crystal,
    opening,
    covarianceMm2: crystal && opening ? sharedVariance(weights, names, estimates) : 0,
  }
}

function rowsOf(evidence: SizeEvidence): Row[] {
  switch (evidence.kind) {
    case 'bore-and-gasket':
      return [
        { estimate: evidence.bore, crystal: 0, opening: 1, wall: 2 },
        { estimate: evidence.wall, crystal: 0, opening: 0, wall: 1 },
      ]
    case 'opening-with-gasket':
    case 'seat':
      return [{ estimate: evidence.opening, crystal: 0, opening: 1, wall: 0 }]
    default:
      return [{ estimate: crystalDiameter(evidence), crystal: 1, opening: 0, wall: 0 }]
  }
}

/** Covariance of two weighted sums of the same estimates, mm². */
function sharedVariance(
  weights: readonly (readonly number[])[],
  names: readonly string[],
  estimates: readonly Estimate[],
): number {
  const [a, b] = [weights[names.indexOf('crystal')] ?? [], weights[names.indexOf('opening')] ?? []]
  let sum = 0
  for (const [i, one] of estimates.entries())
    for (const [j, other] of estimates.entries())
      sum +=
        (a[i] ?? 0) * (b[j] ?? 0) * (i === j ? one.standardUncertaintyMm ** 2 : covarianceMm2(one, other))
  return sum
}
