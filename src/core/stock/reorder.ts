import type { StockLine } from './StockLine'

/** One line of an order. */
export interface OrderLine {
  readonly supplier: string
  readonly supplierCode: string
  /** the shop's own code; empty for a size the drawers have no line for yet */
  readonly code: string
  readonly description: string
  readonly there: number
  readonly order: number
  readonly priceCents: number
}

/**
 * How many to order of a line that has run low: up to twice its minimum, so that the next one taken does not order again.
 * Common practice.
 */
export function orderCount({ quantity, minimum }: Pick<StockLine, 'quantity' | 'minimum'>): number {
  return quantity >= minimum ? 0 : 2 * minimum - quantity
}
