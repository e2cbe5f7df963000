import type { OrderLine } from '@/core/stock/reorder'
import { moneyText } from '@/core/units/moneyText'

/** What lines come to as they are ordered now. A price of nothing is one nobody knows. */
export function totalText(
  lines: readonly { readonly priceCents: number; readonly order: number | null }[],
): string {
  const ordered = lines.filter(({ order }) => order !== null && order > 0)
  const total = ordered.reduce((sum, { priceCents, order }) => sum + priceCents * (order ?? 0), 0)
  const unpriced = ordered.filter(({ priceCents }) => priceCents === 0).length
  return `comes to ${moneyText(total)}${unpriced > 0 ? ` and ${unpriced} without a price` : ''}`
}

/** What tells one line of an order from another. */
export function keyOf({ code, description, supplier }: OrderLine): string {
  return code || `${supplier} ${description}`
}

/** How many are ordered as typed. @returns null where that is no whole number */
export function countOf(text: string | undefined, otherwise: number): number | null {
  if (text === undefined) return otherwise
  return /^\d{1,4}$/.test(text.trim()) ? Number(text) : null
}
