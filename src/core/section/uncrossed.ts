export interface ScreenPoint {
  readonly x: number
  readonly y: number
}

/** More orders than this are not tried: more labels than a column holds keep the order of their places. */
const MOST_TRIED = 6

/**
 * Gives each place its slot in a column of labels so that the lines from slot to place do not cross where that can be
 * had, and are short.
 * @param places - where each line ends
 * @param slots - where the lines begin, as many as places
 * @returns the slots in the order of the places
 */
export function uncrossed(places: readonly ScreenPoint[], slots: readonly ScreenPoint[]): ScreenPoint[] {
  if (places.length !== slots.length)
    throw new RangeError(`uncrossed: expected as many slots as places, got ${slots.length}, ${places.length}`)
  const byHeight = places.map((_, index) => index).sort((a, b) => yOf(places, a) - yOf(places, b))
  const usual = places.map((_, index) => byHeight.indexOf(index))
  const orders = places.length > MOST_TRIED ? [usual] : [usual, ...permutations(usual)]
  const costs = orders.map((order) => costOf(order.map((slot, i) => [places[i], slots[slot]] as const)))
  const best = orders[costs.indexOf(Math.min(...costs))] ?? usual
  return best.flatMap((slot) => slots[slot] ?? [])
}

function yOf(points: readonly ScreenPoint[], index: number): number {
  return points[index]?.y ?? 0
}

type Line = readonly [ScreenPoint | undefined, ScreenPoint | undefined]

/** A crossing costs more than any length on a screen. */
const CROSSING = 1e6

function costOf(lines: readonly Line[]): number {
  let cost = 0
  lines.forEach(([a, b], i) => {
    if (!a || !b) return
    cost += Math.hypot(a.x - b.x, a.y - b.y)
    for (const [c, d] of lines.slice(i + 1)) if (c && d && crosses(a, b, c, d)) cost += CROSSING
  })
  return cost
}

function crosses(a: ScreenPoint, b: ScreenPoint, c: ScreenPoint, d: ScreenPoint): boolean {
  const side = (p: ScreenPoint, q: ScreenPoint, r: ScreenPoint) =>
    Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x))
  return side(a, b, c) !== side(a, b, d) && side(c, d, a) !== side(c, d, b)
}

function permutations(items: readonly number[]): number[][] {
  if (items.length < 2) return [[...items]]
  return items.flatMap((first, at) =>
    permutations(items.filter((_, index) => index !== at)).map((rest) => [first, ...rest]),
  )
}
