interface Priced {
  /** hundredths of the shop's money; 0 where nobody knows it */
  readonly priceCents: number
}

/**
 * What parts cost together, hundredths; null while the price of one of them is not known.
 * @param parts - null ones are not there and cost nothing
 * @example priceOf({ priceCents: 700 }, { priceCents: 150 }) // 850
 */
export function priceOf(...parts: readonly (Priced | null)[]): number | null {
  let sum = 0
  for (const part of parts) {
    if (!part) continue
    if (part.priceCents === 0) return null
    sum += part.priceCents
  }
  return sum
}

/** Sorts by price, the lowest first and those nobody knows last. */
export function priceRank(cents: number | null): number {
  return cents ?? Number.MAX_SAFE_INTEGER
}
