import { whereText } from '../own-parts/OwnPart'
import { crystalsBetween } from './crystalsBetween'
import type { OrderProposal } from './OrderProposal'
import { orderPercent } from './OrderProposal'
import type { StockIndex } from './stockIndex'

/** Sizes as printed agree to this, mm. */
const SAME_MM = 0.005

/** Orders of a crystal with its ring: where the crystal lies in the drawers already, only the ring is to be ordered. */
export function withCrystalHere(orders: readonly OrderProposal[], { crystals }: StockIndex): OrderProposal[] {
  return orders
    .map((order): { readonly order: OrderProposal; readonly here: boolean } => {
      const { crystalDiameterMm, crystalThicknessMm, ring } = order
      const here =
        ring &&
        crystalsBetween(crystals, crystalDiameterMm - SAME_MM, crystalDiameterMm + SAME_MM).find(
          ({ edgeThicknessMm, quantity }) =>
            quantity > 0 && Math.abs(edgeThicknessMm - crystalThicknessMm) < SAME_MM,
        )
      if (!here) return { order, here: false }
      const note = `the crystal is here, ${here.code} in ${whereText(here)}: only the ring to order`
      return { order: { ...order, note }, here: true }
    })
    .sort((a, b) => orderPercent(b.order) - orderPercent(a.order) || Number(b.here) - Number(a.here))
    .map(({ order }) => order)
}
