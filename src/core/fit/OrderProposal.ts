import type { DimensionId } from '../readings/dimensions'
import type { FitPolicy } from './fitPolicy'
import type { GasketMaterial } from './parts'
import { reaches } from '../units/within'

/** A ring to order with a crystal. */
export interface RingToOrder {
  readonly outerDiameterMm: number
  readonly wallMm: number
  readonly material: GasketMaterial
  /** a lower one holds too little of the crystal's edge, mm */
  readonly leastHeightMm: number
}

/** A crystal to order, with its ring where one lies round it, in sizes that are sold. All mm. */
export interface OrderProposal {
  /** length where it is not round */
  readonly crystalDiameterMm: number
  /** null where it is round */
  readonly crystalWidthMm: number | null
  /** of its edge */
  readonly crystalThicknessMm: number
  /** null where none lies round it */
  readonly ring: RingToOrder | null
  /** of what holds it, with the sizes as printed */
  readonly fitProbability: number
  /** what else it comes to or has to have, in words; empty where nothing */
  readonly note: string
}

/** Whole percent: finer differences do not decide which size to order. */
export function orderPercent({ fitProbability }: Pick<OrderProposal, 'fitProbability'>): number {
  return Math.round(100 * fitProbability)
}

/**
 * Orders that may be made now. With something unread only those that would be called a fit: what is read next decides
 * the others, and a size ordered on a guess is ordered twice.
 */
export function ordersByNow(
  orders: readonly OrderProposal[],
  unread: readonly DimensionId[],
  { leastProbability }: Pick<FitPolicy, 'leastProbability'>,
): readonly OrderProposal[] {
  return unread.length === 0
    ? orders
    : orders.filter(({ fitProbability }) => reaches(fitProbability, leastProbability))
}

/** How many sizes are proposed. */
export const MOST_ORDERS = 3
