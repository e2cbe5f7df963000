import type { StageId } from '../stages/stages'
import { stageIndex } from '../stages/stages'
import type { SizeMark, TrailPartId } from './parts'
import { partsText, TRAIL_PARTS } from './parts'

/** Where a part came from: a clock position on the plan view, or a point on one of the tray's pictures. */
export interface TrailPlace {
  /** 1 to 12; null when not told */
  readonly clockHour: number | null
  readonly photoId: number | null
  /** from the left and from the top, 0 to 1; null without a picture */
  readonly photoX: number | null
  readonly photoY: number | null
}

export const NO_PLACE: TrailPlace = { clockHour: null, photoId: null, photoX: null, photoY: null }

/** What was recorded, in the order it happened. Nothing is ever changed: an undo is an event too. */
export type TrailEvent = { readonly id: number; readonly at: string } & (
  | ({
      readonly kind: 'off'
      readonly part: TrailPartId
      readonly count: number
      readonly size: SizeMark
    } & TrailPlace)
  | {
      readonly kind: 'back' | 'renewed' | 'left-off'
      /** the `off` event it answers */
      readonly offId: number
      readonly count: number
      /** why it stays off; empty otherwise */
      readonly reason: string
    }
  | { readonly kind: 'undo'; readonly undoes: number }
)

/** One line of the trail: parts of a kind that came off one after another from the same place. */
export interface TrailLine extends TrailPlace {
  /** the `off` events behind it, in order */
  readonly offIds: readonly number[]
  readonly part: TrailPartId
  readonly size: SizeMark
  readonly count: number
  readonly back: number
  readonly renewed: number
  readonly leftOff: number
  /** why it was left off; empty when it was not */
  readonly reason: string
  readonly firstAt: string
  /** still to be accounted for */
  readonly open: number
}

/** The trail as it stands: undone events count no more, like parts in a row make one line. */
export function partsTrail(events: readonly TrailEvent[]): TrailLine[] {
  const undone = new Set(events.flatMap((e) => (e.kind === 'undo' ? [e.undoes] : [])))
  const standing = events.filter((e) => e.kind !== 'undo' && !undone.has(e.id))
  const lines: TrailLine[] = []
  for (const event of standing) {
    if (event.kind === 'off') {
      const last = lines.at(-1)
      if (last && isAlike(last, event)) lines[lines.length - 1] = more(last, event)
      else lines.push(firstLine(event))
    }
  }
  return lines.map((line) => withAnswers(line, standing))
}

type OffEvent = Extract<TrailEvent, { kind: 'off' }>

function isAlike(line: TrailLine, event: OffEvent): boolean {
  return (
    // The one there is came off once more: that is no second one.
    !isOnlyOne(event.part) &&
    line.part === event.part &&
    line.size === event.size &&
    line.clockHour === event.clockHour &&
    line.photoId === event.photoId &&
    line.photoX === event.photoX &&
    line.photoY === event.photoY
  )
}

function firstLine(event: OffEvent): TrailLine {
  const { part, size, count, clockHour, photoId, photoX, photoY } = event
  return {
    offIds: [event.id],
    part,
    size,
    count,
    clockHour,
    photoId,
    photoX,
    photoY,
    back: 0,
    renewed: 0,
    leftOff: 0,
    reason: '',
    firstAt: event.at,
    open: count,
  }
}

function more(line: TrailLine, event: OffEvent): TrailLine {
  const count = line.count + event.count
  return { ...line, offIds: [...line.offIds, event.id], count, open: count }
}

function withAnswers(line: TrailLine, standing: readonly TrailEvent[]): TrailLine {
  const answers = standing.flatMap((e) =>
    e.kind !== 'off' && e.kind !== 'undo' && line.offIds.includes(e.offId) ? [e] : [],
  )
  const sum = (kind: 'back' | 'renewed' | 'left-off') =>
    answers.filter((a) => a.kind === kind).reduce((total, a) => total + a.count, 0)
  const back = sum('back')
  const renewed = sum('renewed')
  const leftOff = sum('left-off')
  return {
    ...line,
    back,
    renewed,
    leftOff,
    reason: answers
      .map((a) => a.reason)
      .filter(Boolean)
      .join('; '),
    open: line.count - back - renewed - leftOff,
  }
}

/** Rings of which a bezel or a back in two parts has a second one. */
const MAY_BE_TWO: readonly TrailPartId[] = ['crystal-gasket', 'back-seal']

/** True of a part a case never has two of. */
function isOnlyOne(part: TrailPartId): boolean {
  return !TRAIL_PARTS[part].several && !MAY_BE_TWO.includes(part)
}

/** True where a new part goes in for this line: what went in new and came off again is the new one, and goes back. */
export function goesInNew(
  line: TrailLine,
  lines: readonly TrailLine[],
  renews: readonly TrailPartId[],
): boolean {
  const first = line.offIds[0] ?? 0
  const isNewAlready = lines.some(
    ({ part, renewed, offIds }) => part === line.part && renewed > 0 && (offIds[0] ?? 0) < first,
  )
  return renews.includes(line.part) && !(isOnlyOne(line.part) && isNewAlready)
}

/** True of a part a case has one of, while it is off: it cannot come off once more. */
export function isOffAlready(lines: readonly TrailLine[], part: TrailPartId): boolean {
  return isOnlyOne(part) && lines.some((line) => line.part === part && line.open > 0)
}

/** The order in which parts go back: the last off is the first on. */
export function replayOrder(lines: readonly TrailLine[]): TrailLine[] {
  return [...lines].reverse()
}

/** The last event that still stands: what an undo takes back. Null when there is none. */
export function lastStanding(events: readonly TrailEvent[]): TrailEvent | null {
  const undone = new Set(events.flatMap((e) => (e.kind === 'undo' ? [e.undoes] : [])))
  return events.findLast((e) => e.kind !== 'undo' && !undone.has(e.id)) ?? null
}

/**
 * What is missing for a tray to leave its stages behind.
 * @param to - the stage it would go to
 * @returns lines with parts still to be accounted for, whose stage lies before `to`
 */
export function missingBefore(lines: readonly TrailLine[], to: StageId | 'finished'): TrailLine[] {
  return lines.filter(
    (line) =>
      line.open > 0 && (to === 'finished' || stageIndex(TRAIL_PARTS[line.part].backBy) < stageIndex(to)),
  )
}

/** Since when the movement lies open; null while it is cased. */
export function movementOpenSince(lines: readonly TrailLine[]): string | null {
  return lines.find((line) => line.part === 'movement' && line.open > 0)?.firstAt ?? null
}

/** “2 spacers, 1 long shell screw”. */
export function missingText(lines: readonly TrailLine[]): string {
  return lines
    .map((line) =>
      line.open === 1
        ? `1 ${partsText(line.part, 1, line.size)}`
        : partsText(line.part, line.open, line.size),
    )
    .join(', ')
}
