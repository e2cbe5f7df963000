/** More do not stand round a watch. */
export const MOST_SCREWS = 24

/**
 * Order to loosen or tighten screws on a circle, so that what they hold comes up or down level: opposite before neighbour,
 * each pair across the ones before.
 * @param count - equally spaced screws, whole, 1…24; screw 0 is the first clockwise from 12
 * @returns every screw once
 * @throws RangeError if the count is out of range
 * @source ASME PCC-1, legacy star pattern (4, 8 and 12 bolts), from memory; odd numbers as a star is drawn: common practice
 * @example screwOrder(6) // [0, 3, 1, 4, 2, 5]
 */
export function screwOrder(count: number): number[] {
  if (!Number.isInteger(count) || count < 1 || count > MOST_SCREWS) {
    throw new RangeError(`count: expected a whole number from 1 to ${MOST_SCREWS}, got ${count}`)
  }
  // No two of an odd number stand opposite: the farthest round each time draws the star.
  if (count % 2 === 1) return steppedBy((count - 1) / 2 || 1, count)
  const half = count / 2
  const axes = [0]
  while (axes.length < half) axes.push(farthestAxis(axes, half))
  return axes.flatMap((axis) => [axis, axis + half])
}

function steppedBy(step: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => (i * step) % count)
}

/** The axis farthest from all before; of those alike the one farthest from the last, then the first clockwise. */
function farthestAxis(before: readonly number[], half: number): number {
  const apart = (a: number, b: number) => Math.min(Math.abs(a - b), half - Math.abs(a - b))
  const nearest = (axis: number) => Math.min(...before.map((one) => apart(axis, one)))
  const last = before.at(-1) ?? 0
  const left = Array.from({ length: half }, (_, axis) => axis).filter((axis) => !before.includes(axis))
  const [best = 0] = left.toSorted(
    (a, b) => nearest(b) - nearest(a) || apart(b, last) - apart(a, last) || a - b,
  )
  return best
}
