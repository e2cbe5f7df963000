import type { TrailPartId } from './parts'
import type { TrailEvent } from './partsTrail'

/** A part that came off, went back, was renewed or was pressed: it may stand otherwise since. */
export interface PartMove {
  readonly part: TrailPartId
  /** ISO time */
  readonly at: string
}

/** What moved by the trail, in the order it happened. What was taken back never did; what was left off did not move. */
export function partMoves(events: readonly TrailEvent[]): PartMove[] {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undo' ? [event.undoes] : [])))
  const partOf = new Map(events.flatMap((event) => (event.kind === 'off' ? [[event.id, event.part]] : [])))
  return events.flatMap((event) => {
    if (event.kind === 'undo' || event.kind === 'left-off' || undone.has(event.id)) return []
    const part = partOf.get(event.kind === 'off' ? event.id : event.offId)
    return part ? [{ part, at: event.at }] : []
  })
}
