import type { CaseFacts, FitWishes } from './CaseFacts'
import type { Constraint, ConstraintName, PairAssessment } from './assessPair'
import { assessPair } from './assessPair'
import type { FitPolicy } from './fitPolicy'
import { FIT_POLICY } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'
import { comparePairs } from './rankPairs'

export interface RejectedPair {
  readonly pair: PairAssessment
  /** what speaks against it, worst first */
  readonly failures: readonly Constraint[]
}

export interface Shortlist {
  /** pairs that fit, best first, at most `most` */
  readonly fitting: readonly PairAssessment[]
  readonly fittingCount: number
  /** near misses, nearest first, at most `most` */
  readonly rejected: readonly RejectedPair[]
  readonly rejectedCount: number
  /** near misses by what failed first */
  readonly rejectedBy: Readonly<Partial<Record<ConstraintName, number>>>
}

/** A pair whose interference lies this far outside its band is not even a near miss, mm. */
const NEAR_MISS_MM = 0.15
/** A gasket this far off the bore is not even a near miss, mm. */
const NEAR_GASKET_MM = 0.3

export interface ShortlistOptions {
  readonly policy?: FitPolicy
  /** pairs returned in each list */
  readonly most?: number
}

/**
 * Searches crystals and gaskets together for one case.
 * Gaskets that cannot go into the bore are dropped first; for each that is left only crystals whose interference
 * can come near its band are looked at, so the work grows with the near pairs and not with the stock.
 * @param crystals - any order
 */
export function shortlist(
  crystals: readonly StockCrystal[],
  gaskets: readonly StockGasket[],
  facts: CaseFacts,
  wishes: FitWishes,
  { policy = FIT_POLICY, most = 12 }: ShortlistOptions = {},
): Shortlist {
  const byDiameter = [...crystals].sort((a, b) => a.diameterMm - b.diameterMm)
  const fitting: PairAssessment[] = []
  const rejected: RejectedPair[] = []
  for (const gasket of gaskets) {
    if (Math.abs(gasket.outerDiameterMm - facts.bore.valueMm) > NEAR_GASKET_MM) continue
    for (const crystal of crystalsNear(byDiameter, gasket, facts, policy)) {
      const pair = assessPair(crystal, gasket, facts, policy)
      const failures = pair.constraints
        .filter((c) => c.probability < policy.leastProbability)
        .sort((a, b) => a.probability - b.probability)
      if (failures.length === 0 && pair.probability >= policy.leastProbability) fitting.push(pair)
      else rejected.push({ pair, failures: failures.length > 0 ? failures : [weakest(pair)] })
    }
  }
  fitting.sort((a, b) => comparePairs(a, b, wishes))
  rejected.sort((a, b) => a.failures.length - b.failures.length || comparePairs(a.pair, b.pair, wishes))
  return {
    fitting: fitting.slice(0, most),
    fittingCount: fitting.length,
    rejected: rejected.slice(0, most),
    rejectedCount: rejected.length,
    rejectedBy: countByFirstFailure(rejected),
  }
}

function crystalsNear(
  byDiameter: readonly StockCrystal[],
  gasket: StockGasket,
  facts: CaseFacts,
  policy: FitPolicy,
): readonly StockCrystal[] {
  const band = policy.interferenceBands[gasket.material]
  const openingMm = facts.bore.valueMm - 2 * gasket.wallMm
  const from = firstAtLeast(byDiameter, openingMm + band.lowMm - NEAR_MISS_MM)
  const to = firstAtLeast(byDiameter, openingMm + band.highMm + NEAR_MISS_MM)
  return byDiameter.slice(from, to)
}

function firstAtLeast(byDiameter: readonly StockCrystal[], diameterMm: number): number {
  let low = 0
  let high = byDiameter.length
  while (low < high) {
    const middle = (low + high) >> 1
    if ((byDiameter[middle]?.diameterMm ?? Infinity) < diameterMm) low = middle + 1
    else high = middle
  }
  return low
}

function weakest(pair: PairAssessment): Constraint {
  return pair.constraints.reduce((worst, c) => (c.probability < worst.probability ? c : worst))
}

function countByFirstFailure(rejected: readonly RejectedPair[]): Partial<Record<ConstraintName, number>> {
  const counts: Partial<Record<ConstraintName, number>> = {}
  for (const { failures } of rejected) {
    const name = failures[0]?.name
    if (name) counts[name] = (counts[name] ?? 0) + 1
  }
  return counts
}

/** Range of crystal diameters that can appear in a shortlist for a bore, mm: what a store needs to read. */
export function diametersWorthReading(
  facts: Pick<CaseFacts, 'bore'>,
  gaskets: readonly Pick<StockGasket, 'wallMm'>[],
  policy: FitPolicy = FIT_POLICY,
): { leastMm: number; mostMm: number } {
  const walls = gaskets.map((g) => g.wallMm)
  const bands = Object.values(policy.interferenceBands)
  const lowest = Math.min(...bands.map((b) => b.lowMm))
  const highest = Math.max(...bands.map((b) => b.highMm))
  return {
    leastMm: facts.bore.valueMm - 2 * Math.max(0, ...walls) + lowest - NEAR_MISS_MM,
    mostMm: facts.bore.valueMm - 2 * Math.min(...walls, Infinity) + highest + NEAR_MISS_MM,
  }
}
