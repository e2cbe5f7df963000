import type { OrderLine } from '@/core/stock/reorder'
import { moneyText } from '@/core/units/moneyText'
import { csvText } from './csvText'

const COLUMNS = ['Supplier', 'Supplier’s code', 'Our code', 'Description', 'Order', 'Price each', 'Price']

/** An order, one supplier after the other, with prices in units of money where they are known. Words that a spreadsheet would run are disarmed. */
export function writeOrderCsv(lines: readonly OrderLine[]): string {
  const bySupplier = [...lines].sort((a, b) => a.supplier.localeCompare(b.supplier))
  return csvText(
    COLUMNS,
    bySupplier.map((line) => [
      line.supplier,
      line.supplierCode,
      line.code,
      line.description,
      line.order,
      priceCell(line.priceCents),
      priceCell(line.priceCents * line.order),
    ]),
  )
}

function priceCell(cents: number): string {
  return cents === 0 ? '' : moneyText(cents)
}
