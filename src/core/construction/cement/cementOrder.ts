import type { FitPolicy } from '../../fit/fitPolicy'
import type { Figure } from '../../fit/CrystalSeat'
import type { OrderProposal } from '../../fit/OrderProposal'
import { MOST_ORDERS, orderPercent } from '../../fit/OrderProposal'
import { nearest, SOLD_THICKNESSES_MM, soldBetween } from '../../fit/soldSizes'
import { formatMm } from '../../units/formatMm'
import { gapOdds } from './assessCemented'
import type { CementSeat } from './cementSeat'

/** Sizes of a crystal to order for a rebate it is cemented into, the likeliest first. */
export function cementOrder(seat: CementSeat, policy: FitPolicy): OrderProposal[] {
  const thicknessMm = nearest(
    SOLD_THICKNESSES_MM,
    seat.foundThickness?.valueMm ?? seat.depth.valueMm - policy.cementUnderMm,
  )
  const lengths = fitting(seat.length, policy)
  const widths = seat.outline === 'shaped' ? fitting(seat.width, policy) : [null]
  return lengths
    .flatMap((length) =>
      widths.map((width): OrderProposal => ({
        crystalDiameterMm: length.mm,
        crystalWidthMm: width?.mm ?? null,
        crystalThicknessMm: thicknessMm,
        ring: null,
        fitProbability: length.odds * (width?.odds ?? 1),
        note: seat.sides?.cornerRadius
          ? `corner radius ${formatMm(seat.sides.cornerRadius.valueMm, 0.1)} or a little more`
          : '',
      })),
    )
    .sort((a, b) => orderPercent(b) - orderPercent(a))
    .slice(0, MOST_ORDERS)
}

/** Sizes sold that leave a side about the gap that cement wants. */
function fitting(side: Figure, policy: FitPolicy): { readonly mm: number; readonly odds: number }[] {
  const { lowMm, highMm } = policy.cementGap
  return soldBetween(side.valueMm - 2 * highMm, side.valueMm - 2 * lowMm).map((mm) => ({
    mm,
    odds: gapOdds((side.valueMm - mm) / 2, side, policy),
  }))
}
