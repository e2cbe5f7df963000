import type { StockCrystal } from './parts'

/** The crystals from one diameter to another, both taken in. @param crystals - by diameter */
export function crystalsBetween(
  crystals: readonly StockCrystal[],
  leastMm: number,
  mostMm: number,
): StockCrystal[] {
  let [low, high] = [0, crystals.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((crystals[middle]?.diameterMm ?? Infinity) < leastMm) low = middle + 1
    else high = middle
  }
  let end = low
  while (end < crystals.length && (crystals[end]?.diameterMm ?? Infinity) <= mostMm) end++
  return crystals.slice(low, end)
}
