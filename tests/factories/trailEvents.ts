import type { TrailPartId } from '@/core/trail/parts'
import type { TrailEvent } from '@/core/trail/partsTrail'
import { NO_PLACE } from '@/core/trail/partsTrail'

export const OFF_AT = '2026-11-24T10:00:00.000Z'

/** One part that came off, nobody saying where. */
export function cameOff(id: number, part: TrailPartId): TrailEvent {
  return { ...NO_PLACE, id, at: OFF_AT, kind: 'off', part, count: 1, size: '' }
}
