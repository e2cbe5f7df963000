import type { TrailPartId } from './parts'
import type { TrailEvent } from './partsTrail'

/** True where a part came off after a time and that was not taken back, on again by now or not. */
export function cameOffSince(part: TrailPartId, since: Date, events: readonly TrailEvent[]): boolean {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.undoes] : [])))
  const time = since.toISOString()
  return events.some(
    (event) => event.kind === 'off' && event.part === part && event.at > time && !undone.has(event.id),
  )
}
