import type { OrderProposal } from '../../fit/OrderProposal'
import { MOST_ORDERS, orderPercent } from '../../fit/OrderProposal'
import { CRYSTAL_STEP_MM, nearest, roundTo, SOLD_THICKNESSES_MM } from '../../fit/soldSizes'
import type { RingSeat } from './ringSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { interferenceUncertaintyMm } from './interference'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { GasketMaterial } from '../../fit/parts'

/** Walls ring gaskets are sold in, mm. From memory. */
const SOLD_WALLS_MM = [0.35, 0.4, 0.45, 0.5, 0.55, 0.6] as const
/** Step a ring's outside is sold in, mm. From memory. */
const GASKET_STEP_MM = 0.1

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
    most = MOST_ORDERS,
  }: { policy: FitPolicy; preferredWallMm?: number | undefined; most?: number },
): OrderProposal[] {
  const band = policy.interferenceBands[material]
  const uncertaintyMm = interferenceUncertaintyMm({
    crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
    gasketWallMm: policy.gasketWallUncertaintyMm,
    boreMm: seat.bore.standardUncertaintyMm,
  })
  const thicknessMm = nearest(SOLD_THICKNESSES_MM, seat.foundThickness?.valueMm ?? seat.seatDepth.valueMm)
  // Up to the next step that is sold: the height that just holds enough of the edge.
  const leastHeightMm =
    Math.ceil((policy.minimumEdgeHeld * thicknessMm) / GASKET_STEP_MM - 1e-9) * GASKET_STEP_MM
  return SOLD_WALLS_MM.map((wallMm): OrderProposal => {
    const idealMm = seat.bore.valueMm - 2 * wallMm + (band.lowMm + band.highMm) / 2
    const diameterMm = roundTo(idealMm, CRYSTAL_STEP_MM)
    return {
      crystalDiameterMm: diameterMm,
      crystalWidthMm: null,
      crystalThicknessMm: thicknessMm,
      ring: {
        outerDiameterMm: roundTo(seat.bore.valueMm, GASKET_STEP_MM),
        wallMm,
        material,
        leastHeightMm,
      },
      fitProbability: probabilityWithin(diameterMm + 2 * wallMm - seat.bore.valueMm, uncertaintyMm, band),
      note: '',
    }
  })
    .sort(
      (a, b) =>
        orderPercent(b) - orderPercent(a) || wallOff(a, preferredWallMm) - wallOff(b, preferredWallMm),
    )
    .slice(0, most)
}

function wallOff({ ring }: OrderProposal, preferredWallMm: number): number {
  return Math.abs((ring?.wallMm ?? preferredWallMm) - preferredWallMm)
}
