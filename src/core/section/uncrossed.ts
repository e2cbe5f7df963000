export interface ScreenPoint {
  readonly x: number
  readonly y: number
}

/** More orders than this are not tried: more labels than a column holds keep the order of their places. */
const MOST_TRIED = 6

export type ScreenLine = readonly [from: ScreenPoint, to: ScreenPoint]

/**
 * Gives each place its slot in a column of labels so that as few lines as can be cross each other or the lines that are
 * drawn already, and so that they are short.
 * @param places - where each line ends
 * @param slots - where the lines begin, as many as places
 * @param drawn - lines of another column
 * @returns the slots in the order of the places
 */
export function uncrossed(
  places: readonly ScreenPoint[],
  slots: readonly ScreenPoint[],
  drawn: readonly ScreenLine[] = [],
): ScreenPoint[] {
  if (places.length !== slots.length)
    throw new RangeError(`uncrossed: expected as many slots as places, got ${slots.length}, ${places.length}`)
  const byHeight = places.map((_, index) => index).sort((a, b) => yOf(places, a) - yOf(places, b))
  const usual = places.map((_, index) => byHeight.indexOf(index))
  const orders = places.length > MOST_TRIED ? [usual] : permutations(usual)
  const costs = orders.map((order) => costOf(linesOf(places, order, slots), drawn))
  const best = orders[costs.indexOf(Math.min(...costs))] ?? usual
  return best.flatMap((slot) => slots[slot] ?? [])
}

function yOf(points: readonly ScreenPoint[], index: number): number {
  return points[index]?.y ?? 0
}

function linesOf(
  places: readonly ScreenPoint[],
  order: readonly number[],
  slots: readonly ScreenPoint[],
): ScreenLine[] {
  return places.flatMap((place, index) => {
    const slot = slots[order[index] ?? -1]
    return slot ? [[slot, place] as const] : []
  })
}

/** A crossing costs more than any length on a screen. */
const CROSSING = 1e6

function costOf(lines: readonly ScreenLine[], drawn: readonly ScreenLine[]): number {
  return lines.reduce((sum, [from, to], index) => {
    const others = [...lines.slice(index + 1), ...drawn]
    const crossings = others.filter((other) => cross([from, to], other)).length
    return sum + Math.hypot(from.x - to.x, from.y - to.y) + CROSSING * crossings
  }, 0)
}

/** True where two lines cross; that one ends on the other is none. */
export function cross([a, b]: ScreenLine, [c, d]: ScreenLine): boolean {
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0
}

function turn(p: ScreenPoint, q: ScreenPoint, r: ScreenPoint): number {
  return (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x)
}

function permutations(items: readonly number[]): number[][] {
  if (items.length < 2) return [[...items]]
  return items.flatMap((first, at) =>
    permutations(items.filter((_, index) => index !== at)).map((rest) => [first, ...rest]),
  )
}
