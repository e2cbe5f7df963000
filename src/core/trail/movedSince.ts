import type { TrailPartId } from './parts'
import { TRAIL_PARTS } from './parts'
import type { PartMove } from './partMoves'

/**
 * What moved after something was looked at or tried, so that this says nothing of how it stands now.
 * @param lookedAt - ISO time
 * @param moves - oldest first
 * @returns as “insert moved since”; null where nothing did
 */
export function movedSince(
  parts: readonly TrailPartId[],
  lookedAt: string,
  moves: readonly PartMove[],
): string | null {
  const last = moves.findLast(({ part, at }) => parts.includes(part) && at > lookedAt)
  return last ? `${TRAIL_PARTS[last.part].label} moved since` : null
}
