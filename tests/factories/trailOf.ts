import type { TrailPartId } from '@/core/trail/parts'
import type { TrailLine } from '@/core/trail/partsTrail'
import { NO_PLACE } from '@/core/trail/partsTrail'

/** Lines of a trail: a part, how many came off, and how many of them are back. */
export function trailOf(...lines: readonly (readonly [TrailPartId, number, number?])[]): TrailLine[] {
  return lines.map(([part, count, back = 0], i) => ({
    ...NO_PLACE,
    offIds: [i + 1],
    part,
    size: '',
    count,
    back,
    renewed: 0,
    leftOff: 0,
    reason: '',
    firstAt: '2026-11-24T10:00:00.000Z',
    open: count - back,
  }))
}
