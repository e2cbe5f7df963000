import type { Estimate, SharedErrors } from './Estimate'

/** One estimate and what it is multiplied by. */
export type Term = readonly [factor: number, estimate: Estimate]

/** What two estimates have in common, mm²: the sum over the errors both carry. */
export function covarianceMm2({ shared: a }: Estimate, { shared: b }: Estimate): number {
  if (!a || !b) return 0
  let sum = 0
  for (const source in a) sum += (a[source] ?? 0) * (b[source] ?? 0)
  return sum
}

/** What of an estimate's variance is its own, mm²; never below zero. */
export function ownVarianceMm2(estimate: Estimate): number {
  return Math.max(0, estimate.standardUncertaintyMm ** 2 - covarianceMm2(estimate, estimate))
}

/**
 * A sum of estimates, each multiplied by its factor. Errors they share add with their signs before they are squared: of
 * a difference they cancel, of a sum they count in full. Their own add in quadrature.
 * @source GUM, JCGM 100:2008, 5.2.2 (correlated inputs), F.1.2.3 (errors of a shared origin), G.4.1 (degrees of freedom)
 * @example crystal 30.02 and bore 31.00 by one caliper (own 0.005, shared 0.017), wall 0.50 ± 0.006:
 * // combinedEstimate([[1, crystal], [2, wall], [-1, bore]]) is 0.020, u 0.0139
 */
export function combinedEstimate(terms: readonly Term[]): Estimate {
  const shared: Record<string, number> = {}
  let [valueMm, own] = [0, 0]
  for (const [factor, estimate] of terms) {
    valueMm += factor * estimate.valueMm
    own += factor ** 2 * ownVarianceMm2(estimate)
    for (const [source, u] of Object.entries(estimate.shared ?? {}))
      shared[source] = (shared[source] ?? 0) + factor * u
  }
  return estimateOfParts(valueMm, own, shared, effectiveDegrees(terms))
}

/** An estimate from its own variance and what it shares, mm² and mm; nothing is named that is nothing. */
export function estimateOfParts(
  valueMm: number,
  ownVariance: number,
  shared: SharedErrors,
  degreesOfFreedom?: (standardUncertaintyMm: number) => number,
): Estimate {
  const parts = Object.entries(shared).filter(([, u]) => u !== 0)
  const standardUncertaintyMm = Math.sqrt(ownVariance + parts.reduce((sum, [, u]) => sum + u * u, 0))
  const degrees = degreesOfFreedom?.(standardUncertaintyMm) ?? Infinity
  return {
    valueMm,
    standardUncertaintyMm,
    ...(parts.length > 0 && { shared: Object.fromEntries(parts) }),
    ...(Number.isFinite(degrees) && { degreesOfFreedom: degrees }),
  }
}

/** Welch–Satterthwaite: u⁴ over the sum of each term's u⁴ by its degrees of freedom. Source: GUM, G.4.1. */
function effectiveDegrees(terms: readonly Term[]): (standardUncertaintyMm: number) => number {
  const sum = terms.reduce(
    (all, [factor, { standardUncertaintyMm: u, degreesOfFreedom }]) =>
      degreesOfFreedom === undefined ? all : all + (factor * u) ** 4 / degreesOfFreedom,
    0,
  )
  return (u) => (sum > 0 ? u ** 4 / sum : Infinity)
}

/** The same value and uncertainty, its errors counted as nobody else's. */
export function asIfAlone({ valueMm, standardUncertaintyMm, degreesOfFreedom }: Estimate): Estimate {
  return {
    valueMm,
    standardUncertaintyMm,
    ...(degreesOfFreedom !== undefined && { degreesOfFreedom }),
  }
}

/** The estimate alone, of something that knows more than its figure. */
export function plainEstimate({
  valueMm,
  standardUncertaintyMm,
  shared,
  degreesOfFreedom,
}: Estimate): Estimate {
  return {
    valueMm,
    standardUncertaintyMm,
    ...(shared && { shared }),
    ...(degreesOfFreedom !== undefined && { degreesOfFreedom }),
  }
}
