import type { LetterPartId, OwnerLetter } from '@/core/letter/OwnerLetter'
import type { Db } from '@/data/client'
import { shopTime } from '../shop/shopTimes'
import { LETTER_DAY, letterOf } from './letterOf'
import type { OpenedCase } from './openTrayCases'
import { openTrayCase } from './openTrayCases'
import { textIn } from '@/core/units/shopTime'

/** A piece that was here before: what was done then beside what is found now. */
export interface ReturnedView {
  readonly trayNumber: number
  /** “12 Nov 2026” */
  readonly handedBack: string
  readonly daysAfter: number
  /** no mark tells it from others of its owner */
  readonly maybe: boolean
  readonly rows: readonly {
    readonly what: string
    readonly then: readonly string[]
    readonly now: readonly string[]
  }[]
}

/** What is set side by side. */
const COMPARED: readonly (readonly [LetterPartId, string])[] = [
  ['came-in', 'Came in'],
  ['found', 'Found'],
  ['done', 'Done'],
  ['tested', 'Tested'],
  ['not-done', 'Left'],
]

/** Null where the piece was not here within a year. */
export async function returnedView(db: Db, opened: OpenedCase, now: Date): Promise<ReturnedView | null> {
  const { returned } = opened.kept
  if (!returned) return null
  const earlier = await openTrayCase(db, { number: returned.trayNumber })
  if (!earlier) return null
  const time = await shopTime(db)
  const [then, today] = [letterOf(earlier, time, now), letterOf(opened, time, now)]
  return {
    trayNumber: returned.trayNumber,
    handedBack: textIn(time.zone, returned.finishedAt, LETTER_DAY),
    daysAfter: returned.daysAfter,
    maybe: returned.maybe,
    rows: COMPARED.map(([id, what]) => ({ what, then: linesOf(then, id), now: linesOf(today, id) })).filter(
      (row) => row.then.length + row.now.length > 0,
    ),
  }
}

function linesOf({ parts }: OwnerLetter, wanted: LetterPartId): string[] {
  return parts.filter(({ id }) => id === wanted).flatMap(({ lines }) => lines.map(({ words }) => words))
}
