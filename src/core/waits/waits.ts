import type { Procedure } from '../procedure/procedure'
import type { StageId } from '../stages/stages'
import type { LeftOut } from '../stages/LeftOut'

const MINUTE_MS = 60_000

/** A cure, soak or run-in on the clock: it begins when the step it belongs to is done. */
export interface Wait {
  /** id of its step */
  readonly step: string
  readonly stage: StageId
  readonly title: string
  readonly minutes: number
  /** ISO times */
  readonly startedAt: string
  readonly endsAt: string
  /** until then what was set may still be moved; null where it may not be touched */
  readonly opensUntil: string | null
  /** when somebody said that it is over; null while nobody did */
  readonly overAt: string | null
  /** why it was cut short; null where it was not */
  readonly cutShort: string | null
}

/** What a wait is kept and left out by. */
export function waitSubject(step: string): string {
  return `wait:${step}`
}

export interface WaitsBasis {
  readonly procedure: Procedure
  readonly ticks: Readonly<Record<string, string>>
  readonly leftOut: Readonly<Record<string, LeftOut>>
}

/** Every wait that was begun on a tray, in the order of its steps. */
export function waitsOf({ procedure, ticks, leftOut }: WaitsBasis): Wait[] {
  return procedure.steps.flatMap(({ id, stage, title, waitMinutes, openMinutes }) => {
    const startedAt = ticks[`step:${id}`]
    if (waitMinutes === 0 || startedAt === undefined) return []
    return [
      {
        step: id,
        stage,
        title,
        minutes: waitMinutes,
        startedAt,
        endsAt: minutesAfter(startedAt, waitMinutes),
        opensUntil: openMinutes === 0 ? null : minutesAfter(startedAt, openMinutes),
        overAt: overSince(startedAt, ticks[waitSubject(id)]),
        cutShort: laterThan(startedAt, leftOut[waitSubject(id)]),
      },
    ]
  })
}

function minutesAfter(startedAt: string, minutes: number): string {
  return new Date(new Date(startedAt).getTime() + minutes * MINUTE_MS).toISOString()
}

/** What was said of an earlier start of the same step says nothing of this one. */
function overSince(startedAt: string, saidAt: string | undefined): string | null {
  return saidAt !== undefined && saidAt > startedAt ? saidAt : null
}

function laterThan(startedAt: string, leftOut: LeftOut | undefined): string | null {
  return leftOut !== undefined && leftOut.at > startedAt ? leftOut.reason : null
}

/** Waits nobody has said to be over, nor cut short for a reason. */
export function openWaits(waits: readonly Wait[]): Wait[] {
  return waits.filter(({ overAt, cutShort }) => overAt === null && cutShort === null)
}

/** Whole minutes that are left of a wait, rounded up; 0 once its time is over. */
export function minutesLeft({ endsAt }: Pick<Wait, 'endsAt'>, now: Date): number {
  return Math.max(0, Math.ceil((new Date(endsAt).getTime() - now.getTime()) / MINUTE_MS))
}

/**
 * What still cures or soaks under the crystal: nothing is pressed on it. What comes after the crystal holds up no press.
 * @source common practice: cement that is pressed on wet moves, and smears
 */
export function runningBefore(step: string, waits: readonly Wait[], procedure: Procedure, now: Date): Wait[] {
  const order = procedure.steps.map(({ id }) => id)
  return openWaits(waits).filter(
    (wait) => minutesLeft(wait, now) > 0 && order.indexOf(wait.step) < order.indexOf(step),
  )
}
