import type { Field } from '../records/Field'

/** How long backups are kept: the last few, and the newest of each of the last days, weeks and months. */
export interface Keeping {
  readonly last: number
  readonly days: number
  readonly weeks: number
  readonly months: number
}

export const USUAL_KEEPING: Keeping = { last: 3, days: 7, weeks: 4, months: 12 }

const MOST = { last: 50, days: 90, weeks: 60, months: 120 }

function keepingField(name: keyof Keeping, label: string, least: number): Field {
  return {
    kind: 'count',
    name,
    label,
    required: true,
    least,
    most: MOST[name],
    help: `usual ${USUAL_KEEPING[name]}`,
  }
}

/** How long a shop wants its backups kept; the last one always stays. */
export const KEEPING_FIELDS: readonly Field[] = [
  keepingField('last', 'The last ones', 1),
  keepingField('days', 'Days, one each', 0),
  keepingField('weeks', 'Weeks, one each', 0),
  keepingField('months', 'Months, one each', 0),
]

const DAY_MS = 86_400_000

/**
 * Which backups are kept: the last few, and the newest of each day, each week and each month, for so many of each that have one. A clock
 * that was set back lets none go that counts: only what there is counts, not what day it is.
 * @param times - when each was made, in any order
 * @returns those kept, the newest first
 */
export function keptBackups(times: readonly Date[], { last, days, weeks, months }: Keeping): Date[] {
  const newestFirst = [...times].sort((one, other) => other.getTime() - one.getTime())
  const kept = [
    ...newestFirst.slice(0, last),
    ...newestOfEach(newestFirst, days, dayOf),
    ...newestOfEach(newestFirst, weeks, (at) => Math.floor((dayOf(at) + MONDAY) / 7)),
    ...newestOfEach(newestFirst, months, (at) => at.getUTCFullYear() * 12 + at.getUTCMonth()),
  ]
  return newestFirst.filter((time) => kept.includes(time))
}

/** Day 0 was a Thursday: weeks begin on the Monday before. */
const MONDAY = 3

function dayOf(at: Date): number {
  return Math.floor(at.getTime() / DAY_MS)
}

function newestOfEach(newestFirst: readonly Date[], most: number, spanOf: (at: Date) => number): Date[] {
  const spans = new Map<number, Date>()
  for (const time of newestFirst) {
    const span = spanOf(time)
    if (!spans.has(span)) spans.set(span, time)
  }
  return [...spans.values()].slice(0, most)
}
