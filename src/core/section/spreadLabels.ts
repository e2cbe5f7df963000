/**
 * Moves labels apart along one axis so that none overlap, each staying as near its anchor as the others allow.
 * @param anchors - wanted positions, any order
 * @param least - least distance between neighbours
 * @param from - lowest position allowed
 * @param to - highest position allowed; when they cannot all fit, the last ones pass it
 * @returns positions in the order of `anchors`
 */
export function spreadLabels(anchors: readonly number[], least: number, from: number, to: number): number[] {
  const order = anchors.map((wanted, index) => ({ wanted, index })).sort((a, b) => a.wanted - b.wanted)
  const placed: number[] = []
  for (const { wanted } of order) placed.push(Math.max(wanted, from, (placed.at(-1) ?? -Infinity) + least))
  // Push back from the far end, in case the last ones ran out of room.
  let limit = to
  for (let i = placed.length - 1; i >= 0; i--) {
    const room = Math.max(from + i * least, limit)
    placed[i] = Math.min(placed[i] ?? room, room)
    limit = (placed[i] ?? limit) - least
  }
  const result = new Array<number>(anchors.length)
  order.forEach(({ index }, i) => (result[index] = placed[i] ?? from))
  return result
}
