import { formatMm, formatShare, formatShares } from '../units/formatMm'
import type { Figure } from './CrystalSeat'
import type { FitPolicy } from './fitPolicy'
import { probabilityWithin } from './probabilityWithin'
import type { StockGasket } from './parts'
import { bandOf, squeezeBetween, squeezeOdds } from './squeezeBetween'
import { reaches } from '../units/within'

/** What is known of the joint between a removable bezel and its case. */
export interface BezelJoint {
  readonly neckOuter: Figure | null
  readonly bezelInner: Figure | null
  /** wall of the old ring */
  readonly oldWall: Figure | null
  /** bezel the ring belongs to; empty when nobody said */
  readonly family: string
}

export interface BezelRing {
  readonly gasket: StockGasket
  /** null where only the old ring speaks of it */
  readonly squeeze: number | null
  readonly probability: number
  readonly reason: string
}

/**
 * Rings between a removable bezel and its case, the likeliest first: by the squeeze they get there, or, where the joint
 * was not measured, by the old ring's wall. A ring that belongs to another bezel is left out: it looks alike and does
 * not serve.
 * @param gaskets - of every use; only those for bezels are looked at
 */
export function bezelRings(
  gaskets: readonly StockGasket[],
  joint: BezelJoint,
  policy: FitPolicy,
  most = 4,
): BezelRing[] {
  return gaskets
    .filter(({ use, family, quantity }) => use === 'bezel' && quantity >= 1 && belongs(family, joint.family))
    .flatMap((gasket) => judged(gasket, joint, policy))
    .filter(({ probability }) => probability >= policy.leastProbability)
    .sort(
      (a, b) =>
        Number(b.gasket.family !== '') - Number(a.gasket.family !== '') ||
        b.probability - a.probability ||
        a.gasket.id - b.gasket.id,
    )
    .slice(0, most)
}

function belongs(family: string, wanted: string): boolean {
  return family === '' || family === wanted
}

function judged(
  gasket: StockGasket,
  { neckOuter, bezelInner, oldWall }: BezelJoint,
  policy: FitPolicy,
): BezelRing[] {
  const wall = { valueMm: gasket.wallMm, standardUncertaintyMm: policy.gasketWallUncertaintyMm }
  if (neckOuter && bezelInner) {
    if (!reaches(policy.ringToBezelMm, Math.abs(gasket.outerDiameterMm - bezelInner.valueMm))) return []
    const found = squeezeBetween({ inner: neckOuter, outer: bezelInner, wall })
    const band = bandOf(gasket, policy)
    const reason = `squeezed ${formatShare(found.squeeze)} between bezel and neck; ${gasket.material} wants ${formatShares(band.low, band.high)}`
    return [{ gasket, squeeze: found.squeeze, probability: squeezeOdds(found, band), reason }]
  }
  if (!oldWall) return []
  const offMm = gasket.wallMm - oldWall.valueMm
  const uncertaintyMm = Math.hypot(oldWall.standardUncertaintyMm, policy.gasketWallUncertaintyMm)
  const window = { lowMm: -policy.wallLikeOldMm, highMm: policy.wallLikeOldMm }
  const reason = `wall ${formatMm(gasket.wallMm)} as the old ring’s ${formatMm(oldWall.valueMm)}; measure neck and bezel for its squeeze`
  return [{ gasket, squeeze: null, probability: probabilityWithin(offMm, uncertaintyMm, window), reason }]
}
