/**
 * Order to loosen or tighten screws on a circle: each next one as far across as is left, so that the plate stays level.
 * @param count - equally spaced screws, whole, 1…24; screw 0 is the first clockwise from 12
 * @returns every screw once
 * @throws RangeError if the count is out of range
 * @source star sequence, longest jump first: common practice
 * @example screwOrder(6) // [0, 3, 1, 4, 2, 5]
 */
export function screwOrder(count: number): number[] {
  if (!Number.isInteger(count) || count < 1 || count > MOST_SCREWS) {
    throw new RangeError(`count: expected a whole number from 1 to ${MOST_SCREWS}, got ${count}`)
  }
  const order = [0]
  while (order.length < count) {
    const here = order.at(-1) ?? 0
    const left = Array.from({ length: count }, (_, i) => (here + i) % count).filter((i) => !order.includes(i))
    order.push(farthest(left, here, count))
  }
  return order
}

const MOST_SCREWS = 24

function farthest(left: readonly number[], here: number, count: number): number {
  const jump = (to: number) => {
    const clockwise = (((to - here) % count) + count) % count
    return Math.min(clockwise, count - clockwise)
  }
  // Among equals the lowest number, so that the sequence goes round one way.
  return left.reduce((best, to) =>
    jump(to) > jump(best) || (jump(to) === jump(best) && to < best) ? to : best,
  )
}
