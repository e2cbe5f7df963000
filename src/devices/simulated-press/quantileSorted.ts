/**
 * A quantile of values in ascending order, between its neighbours in proportion.
 * @param share - 0…1
 * @source type 7 (Hyndman & Fan 1996)
 */
export function quantileSorted(ascending: readonly number[], share: number): number {
  const at = share * (ascending.length - 1)
  const [low = NaN, high = low] = [ascending[Math.floor(at)], ascending[Math.ceil(at)]]
  return low + (high - low) * (at - Math.floor(at))
}
