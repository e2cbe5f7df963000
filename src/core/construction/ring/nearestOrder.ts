import type { OrderProposal } from '../../fit/OrderProposal'
import type { RingSeat } from './ringSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { interferenceUncertaintyMm } from './interference'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { GasketMaterial } from '../../fit/parts'

/** Walls ring gaskets are sold in, mm. From memory. */
const SOLD_WALLS_MM = [0.35, 0.4, 0.45, 0.5, 0.55, 0.6] as const
/** Steps suppliers print, mm. Diameters: common practice; thickness and gasket: from memory. */
const CRYSTAL_STEP_MM = 0.1
const GASKET_STEP_MM = 0.1
const SOLD_THICKNESSES_MM = [0.8, 1.0, 1.2, 1.5, 1.8, 2.0, 2.5, 3.0] as const

/**
 * Nearest sizes to order when the drawers hold no fitting pair: the best crystal step for every wall sold.
 * @param material - of the gasket to order
 * @param preferredWallMm - wall of the old gasket: decides among equals
 * @returns most probable first, at most `most`
 */
export function nearestOrder(
  seat: RingSeat,
  material: GasketMaterial,
  {
    policy,
    preferredWallMm = 0.5,
    most = 3,
  }: { policy: FitPolicy; preferredWallMm?: number | undefined; most?: number },
): OrderProposal[] {
  const band = policy.interferenceBands[material]
  const uncertaintyMm = interferenceUncertaintyMm({
    crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
    gasketWallMm: policy.gasketWallUncertaintyMm,
    boreMm: seat.bore.standardUncertaintyMm,
  })
  const thicknessMm = nearest(SOLD_THICKNESSES_MM, seat.foundThickness?.valueMm ?? seat.seatDepth.valueMm)
  return SOLD_WALLS_MM.map((wallMm): OrderProposal => {
    const idealMm = seat.bore.valueMm - 2 * wallMm + (band.lowMm + band.highMm) / 2
    const diameterMm = roundTo(idealMm, CRYSTAL_STEP_MM)
    return {
      crystalDiameterMm: diameterMm,
      crystalThicknessMm: thicknessMm,
      gasketOuterDiameterMm: roundTo(seat.bore.valueMm, GASKET_STEP_MM),
      gasketWallMm: wallMm,
      gasketMaterial: material,
      fitProbability: probabilityWithin(diameterMm + 2 * wallMm - seat.bore.valueMm, uncertaintyMm, band),
    }
  })
    .sort(
      (a, b) =>
        toPercent(b) - toPercent(a) ||
        Math.abs(a.gasketWallMm - preferredWallMm) - Math.abs(b.gasketWallMm - preferredWallMm),
    )
    .slice(0, most)
}

/** Stock thickness nearest to a measured one: 1.1 where stock comes in 1.0 and 1.5 takes the 1.0 (common practice). */
export function nearest(stockMm: readonly number[], measuredMm: number): number {
  return stockMm.reduce(
    (best, mm) => (Math.abs(mm - measuredMm) < Math.abs(best - measuredMm) ? mm : best),
    stockMm[0] ?? measuredMm,
  )
}

/** Whole percent: finer differences do not decide which size to order. */
function toPercent(proposal: OrderProposal): number {
  return Math.round(100 * proposal.fitProbability)
}

function roundTo(valueMm: number, stepMm: number): number {
  return Number((Math.round(valueMm / stepMm) * stepMm).toFixed(3))
}
