export interface ScreenPoint {
  readonly x: number
  readonly y: number
}

/** More orders than this are not tried: more labels than a column holds keep the order of their places. */
const MOST_TRIED = 6

/**
 * Gives each place its slot in a column of labels so that the lines from slot to place are short in all, and so do not
 * cross: of two lines that cross, the other way round is always shorter (triangle inequality).
 * @param places - where each line ends
 * @param slots - where the lines begin, as many as places
 * @returns the slots in the order of the places
 */
export function uncrossed(places: readonly ScreenPoint[], slots: readonly ScreenPoint[]): ScreenPoint[] {
  if (places.length !== slots.length)
    throw new RangeError(`uncrossed: expected as many slots as places, got ${slots.length}, ${places.length}`)
  const byHeight = places.map((_, index) => index).sort((a, b) => yOf(places, a) - yOf(places, b))
  const usual = places.map((_, index) => byHeight.indexOf(index))
  const orders = places.length > MOST_TRIED ? [usual] : permutations(usual)
  const lengths = orders.map((order) => lengthOf(places, order, slots))
  const best = orders[lengths.indexOf(Math.min(...lengths))] ?? usual
  return best.flatMap((slot) => slots[slot] ?? [])
}

function yOf(points: readonly ScreenPoint[], index: number): number {
  return points[index]?.y ?? 0
}

function lengthOf(
  places: readonly ScreenPoint[],
  order: readonly number[],
  slots: readonly ScreenPoint[],
): number {
  return places.reduce((sum, place, index) => {
    const slot = slots[order[index] ?? -1]
    return sum + (slot ? Math.hypot(slot.x - place.x, slot.y - place.y) : Infinity)
  }, 0)
}

function permutations(items: readonly number[]): number[][] {
  if (items.length < 2) return [[...items]]
  return items.flatMap((first, at) =>
    permutations(items.filter((_, index) => index !== at)).map((rest) => [first, ...rest]),
  )
}
