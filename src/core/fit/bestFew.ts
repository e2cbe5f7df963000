/** Compares two keys figure by figure: negative when the first comes first. */
export function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0)
    if (difference !== 0) return difference
  }
  return 0
}

export interface BestFew<T> {
  /** false when a key that starts like this cannot be among the best any more: not worth working out */
  readonly mayEnter: (start: readonly number[]) => boolean
  /** the same by the first figure or two, for where a list each would cost more than it saves */
  readonly mayBegin: (first: number, second?: number) => boolean
  /** @param make - makes the item; called only when its key is among the best */
  readonly offer: (key: readonly number[], make: () => T) => void
  /** the best so far, the smallest key first */
  readonly items: () => T[]
}

/** Keeps the few items with the smallest keys of a long row, without keeping the row. @param most - how many, >= 1 */
export function bestFew<T>(most: number): BestFew<T> {
  const kept: { item: T; key: readonly number[] }[] = []
  const last = () => (kept.length >= most ? kept[kept.length - 1] : undefined)
  return {
    mayEnter(start) {
      const worst = last()
      return worst === undefined || compareKeys(start, worst.key) <= 0
    },
    mayBegin(first, second) {
      const worst = last()
      if (worst === undefined) return true
      const [before = 0, after = 0] = worst.key
      return first < before || (first === before && (second === undefined || second <= after))
    },
    offer(key, make) {
      const worst = last()
      if (worst && compareKeys(key, worst.key) >= 0) return
      const at = kept.findIndex((other) => compareKeys(key, other.key) < 0)
      kept.splice(at < 0 ? kept.length : at, 0, { item: make(), key })
      if (kept.length > most) kept.pop()
    },
    items: () => kept.map(({ item }) => item),
  }
}
