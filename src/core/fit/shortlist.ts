import type { CaseFacts, FitWishes } from './CaseFacts'
import type { Constraint, ConstraintName, PairAssessment } from './assessPair'
import { assessPair } from './assessPair'
import { failureText } from './failureText'
import type { FitPolicy } from './fitPolicy'
import { FIT_POLICY } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'
import { pairKey, rankPairs } from './rankPairs'

/** A constraint that speaks against a pair, with the figure and the limit in words. */
export interface Failure extends Constraint {
  readonly failure: string
}

export interface RejectedPair {
  readonly pair: PairAssessment
  /** what speaks against it, worst first */
  readonly failures: readonly Failure[]
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
const NEAR_MISS_MM = 0.12
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
  const rejected: Judged[] = []
  for (const gasket of gasketsNear(gaskets, facts)) {
    for (const crystal of crystalsNear(byDiameter, gasket, facts, policy)) {
      const pair = assessPair(crystal, gasket, facts, policy)
      const failing = failingConstraints(pair, policy)
      if (failing.length === 0) fitting.push(pair)
      else rejected.push({ pair, failing })
    }
  }
  const best = rankPairs(fitting, (pair) => pairKey(pair, wishes)).slice(0, most)
  const nearest = rankPairs(rejected, ({ pair, failing }) => [failing.length, ...pairKey(pair, wishes)])
  return {
    fitting: best,
    fittingCount: fitting.length,
    // Only what is shown is put into words: most near misses never are.
    rejected: nearest.slice(0, most).map(({ pair, failing }) => ({
      pair,
      failures: failing.map((c) => ({ ...c, failure: failureText(c.name, pair, facts, policy) })),
    })),
    rejectedCount: rejected.length,
    rejectedBy: countByFirstFailure(rejected),
  }
}

interface Judged {
  readonly pair: PairAssessment
  /** worst first */
  readonly failing: readonly Constraint[]
}

/** What speaks against a pair; a pair whose constraints pass one by one may still be too unlikely in all. */
function failingConstraints(pair: PairAssessment, policy: FitPolicy): readonly Constraint[] {
  if (pair.probability >= policy.leastProbability) return []
  const failing = pair.constraints.filter((c) => c.probability < policy.leastProbability)
  return failing.length > 0 ? failing.sort((a, b) => a.probability - b.probability) : [weakest(pair)]
}

/** Gaskets that go into this bore, or nearly. */
function gasketsNear(
  gaskets: readonly StockGasket[],
  facts: Pick<CaseFacts, 'bore'>,
): readonly StockGasket[] {
  return gaskets.filter((gasket) => Math.abs(gasket.outerDiameterMm - facts.bore.valueMm) <= NEAR_GASKET_MM)
}

function crystalsNear(
  byDiameter: readonly StockCrystal[],
  gasket: StockGasket,
  facts: CaseFacts,
  policy: FitPolicy,
): readonly StockCrystal[] {
  const { leastMm, mostMm } = diameterRange(gasket, facts, policy)
  return byDiameter.slice(firstAtLeast(byDiameter, leastMm), firstAtLeast(byDiameter, mostMm))
}

/** Crystal diameters that come near a gasket's band. */
function diameterRange(
  gasket: StockGasket,
  facts: Pick<CaseFacts, 'bore'>,
  policy: FitPolicy,
): { leastMm: number; mostMm: number } {
  const band = policy.interferenceBands[gasket.material]
  const openingMm = facts.bore.valueMm - 2 * gasket.wallMm
  return { leastMm: openingMm + band.lowMm - NEAR_MISS_MM, mostMm: openingMm + band.highMm + NEAR_MISS_MM }
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

function countByFirstFailure(rejected: readonly Judged[]): Partial<Record<ConstraintName, number>> {
  const counts: Partial<Record<ConstraintName, number>> = {}
  for (const { failing } of rejected) {
    const name = failing[0]?.name
    if (name) counts[name] = (counts[name] ?? 0) + 1
  }
  return counts
}

/**
 * Range of crystal diameters that can appear in a shortlist for a bore: what a store needs to read.
 * @returns null when no gasket comes near the bore, so that no crystal can
 */
export function diametersWorthReading(
  facts: Pick<CaseFacts, 'bore'>,
  gaskets: readonly StockGasket[],
  policy: FitPolicy = FIT_POLICY,
): { leastMm: number; mostMm: number } | null {
  const ranges = gasketsNear(gaskets, facts).map((gasket) => diameterRange(gasket, facts, policy))
  if (ranges.length === 0) return null
  return {
    leastMm: Math.min(...ranges.map((r) => r.leastMm)),
    mostMm: Math.max(...ranges.map((r) => r.mostMm)),
  }
}
