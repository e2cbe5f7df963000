import { assessPair } from '@/core/construction/ring/assessPair'
import { compareKeys } from '@/core/fit/bestFew'
import type { RingSeat } from '@/core/construction/ring/ringSeat'
import type { FitWishes } from '@/core/fit/FitWishes'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { pairKey } from '@/core/fit/pairKey'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { diameterRange, isGasketNear } from '@/core/construction/ring/pairShortlist'
import { failingConstraints } from '@/core/fit/rejectedCandidate'

/** The straightforward way: every near pair assessed in full, all of them sorted. What the shortlist must agree with. */
export function plainShortlist(
  crystals: readonly StockCrystal[],
  gaskets: readonly StockGasket[],
  seat: RingSeat,
  wishes: FitWishes,
  most = 12,
) {
  const near = gaskets.filter((gasket) => isGasketNear(gasket, seat))
  const pairs = near.flatMap((gasket) => {
    const { leastMm, mostMm } = diameterRange(gasket, seat, FIT_POLICY)
    return crystals
      .filter((c) => c.diameterMm >= leastMm && c.diameterMm < mostMm)
      .map((crystal) => assessPair(crystal, gasket, seat, FIT_POLICY))
  })
  const judged = pairs.map((pair) => {
    const failing = failingConstraints(pair, FIT_POLICY)
    const key = pairKey(pair, wishes, FIT_POLICY)
    return { pair, failing, key: failing.length === 0 ? key : [failing.length, ...key] }
  })
  judged.sort((a, b) => compareKeys(a.key, b.key))
  const fitting = judged.filter((j) => j.failing.length === 0)
  const rejected = judged.filter((j) => j.failing.length > 0)
  const rejectedBy: Record<string, number> = {}
  for (const { failing } of rejected) {
    const name = failing[0]?.name ?? ''
    rejectedBy[name] = (rejectedBy[name] ?? 0) + 1
  }
  return {
    fitting: fitting.slice(0, most).map((j) => j.pair),
    fittingCount: fitting.length,
    rejected: rejected.slice(0, most).map((j) => j.pair),
    rejectedCount: rejected.length,
    rejectedBy,
  }
}
