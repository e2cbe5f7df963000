/** What every line of the drawers has. */
export interface StockLine {
  readonly id: number
  readonly code: string
  readonly drawer: string
  readonly quantity: number
  /** fewer than this are to be ordered; 0 is never ordered by itself */
  readonly minimum: number
  /** hundredths of the shop's money; 0 where nobody knows it */
  readonly priceCents: number
  readonly supplier: string
  /** the supplier's own number for it */
  readonly supplierCode: string
}
