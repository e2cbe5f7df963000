import type { FitPolicy } from '../../fit/fitPolicy'
import type { OrderProposal } from '../../fit/OrderProposal'
import { MOST_ORDERS, orderPercent } from '../../fit/OrderProposal'
import { probabilityWithin } from '../../fit/probabilityWithin'
import { nearest, SOLD_THICKNESSES_MM, soldBetween } from '../../fit/soldSizes'
import { formatShare, formatSignedMm } from '../../units/formatMm'
import type { AcrylicSeat } from './acrylicSeat'
import { oversizeWindow } from './oversizeWindow'

/** Edge of an acrylic where the old one was not read, mm. From memory. */
const USUAL_EDGE_MM = 1.5

/** Sizes of an acrylic to order for a groove or bore, the likeliest first, and among equals the one in the middle. */
export function acrylicOrder(seat: AcrylicSeat, policy: FitPolicy): OrderProposal[] {
  const { valueMm, standardUncertaintyMm } = seat.opening
  const window = oversizeWindow(valueMm, seat.in, policy)
  const uncertaintyMm = Math.hypot(standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  const middleMm = valueMm + (window.lowMm + window.highMm) / 2
  const thicknessMm = nearest(SOLD_THICKNESSES_MM, seat.foundThickness?.valueMm ?? USUAL_EDGE_MM)
  return soldBetween(valueMm + window.lowMm, valueMm + window.highMm)
    .map((diameterMm): OrderProposal => {
      const oversizeMm = diameterMm - valueMm
      return {
        crystalDiameterMm: diameterMm,
        crystalWidthMm: null,
        crystalThicknessMm: thicknessMm,
        ring: null,
        fitProbability: probabilityWithin(oversizeMm, uncertaintyMm, window),
        note: `${formatSignedMm(oversizeMm)} against the ${seat.in}, strained ${formatShare(oversizeMm / diameterMm, 1)}${seat.foundThickness ? '' : '; edge assumed'}`,
      }
    })
    .sort(
      (a, b) =>
        orderPercent(b) - orderPercent(a) ||
        Math.abs(a.crystalDiameterMm - middleMm) - Math.abs(b.crystalDiameterMm - middleMm),
    )
    .slice(0, MOST_ORDERS)
}
