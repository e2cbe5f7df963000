import type { ActLine } from '@/core/history/actLines'
import { actLines } from '@/core/history/actLines'
import { actsOf } from '@/core/history/actsOf'
import { actWords } from '@/core/history/actWords'
import type { Act, Change, RowValues } from '@/core/history/Change'
import type { Known } from '@/core/history/changeWords'
import { changeWords } from '@/core/history/changeWords'
import type { Pointer } from '@/core/history/recordKinds'
import { pointerIn, recordKind } from '@/core/history/recordKinds'
import { timePattern } from '@/core/units/clockForm'
import type { ShopTime } from '@/core/units/shopTime'
import { textIn } from '@/core/units/shopTime'
import type { Db } from '@/data/client'
import type { HistoryOf } from '@/data/queries/changes'
import { changesOf, rowsNow } from '@/data/queries/changes'
import { trayNumbers } from '@/data/queries/trays'
import { shopTime } from '../shop/shopTimes'

/** What one person did at once, in words. */
export interface HistoryAct {
  readonly id: number
  readonly at: string
  /** null where nobody was named */
  readonly by: string | null
  /** null where a program did it */
  readonly did: string | null
  /** null where it is of no tray */
  readonly trayNumber: number | null
  readonly lines: readonly ActLine[]
  /** lines that are not told one by one */
  readonly more: number
}

export interface History {
  readonly acts: readonly HistoryAct[]
  /** true where older ones are not shown */
  readonly isCut: boolean
}

/** A list that was taken in has thousands. */
const MOST_LINES = 12

/** What was done, by whom and when, the newest first. @param most - changes looked at */
export async function historyOf(db: Db, of: HistoryOf, most: number): Promise<History> {
  const changes = await changesOf(db, of, most + 1)
  const shown = changes.slice(0, most)
  const [rows, numbers, time] = await Promise.all([
    recordsOf(db, shown),
    trayNumbers(db, [...new Set(shown.flatMap(({ trayId }) => (trayId === null ? [] : [trayId])))]),
    shopTime(db),
  ])
  const records = await withPointed(db, rows, shown)
  return {
    acts: actsOf(shown).map((act) => actView(act, { records, numbers, time })),
    isCut: changes.length > most,
  }
}

type Records = ReadonlyMap<string, ReadonlyMap<number, RowValues>>

interface Told {
  readonly records: Records
  readonly numbers: ReadonlyMap<number, number>
  readonly time: ShopTime
}

/** The records that were changed, as they are now. */
function recordsOf(db: Db, changes: readonly Change[]): Promise<Map<string, Map<number, RowValues>>> {
  return recordsAt(
    db,
    changes.map(({ tableName, rowId }) => ({ tableName, id: rowId })),
  )
}

/** Those as well that they point to, or pointed to. */
async function withPointed(db: Db, records: Records, changes: readonly Change[]): Promise<Records> {
  const rows = changes.flatMap(({ tableName, rowId, was, now }) => [
    records.get(tableName)?.get(rowId) ?? {},
    was ?? {},
    now ?? {},
  ])
  const pointers = rows.flatMap((row) => Object.keys(row).map((column) => pointerIn(row, column)))
  const pointed = await recordsAt(
    db,
    pointers.filter((pointer) => pointer !== null),
  )
  const tables = new Set([...records.keys(), ...pointed.keys()])
  return new Map(
    [...tables].map((name) => [name, new Map([...(pointed.get(name) ?? []), ...(records.get(name) ?? [])])]),
  )
}

async function recordsAt(db: Db, pointers: readonly Pointer[]): Promise<Map<string, Map<number, RowValues>>> {
  const tables = new Set(pointers.map(({ tableName }) => tableName))
  const found = new Map<string, Map<number, RowValues>>()
  for (const name of tables) {
    const ids = pointers.filter(({ tableName }) => tableName === name).map(({ id }) => id)
    found.set(name, await rowsNow(db, name, [...new Set(ids)]))
  }
  return found
}

function actView({ at, by, doing, changes }: Act, told: Told): HistoryAct {
  const trayId = changes.find((change) => change.trayId !== null)?.trayId ?? null
  return {
    id: changes.at(-1)?.id ?? 0,
    at: at.toISOString(),
    by,
    did: actWords(doing),
    trayNumber: trayId === null ? null : (told.numbers.get(trayId) ?? null),
    lines: actLines(
      changes.slice(0, MOST_LINES).map((change) => changeWords(change, knownOf(change, told))),
      actWords(doing),
    ),
    more: Math.max(0, changes.length - MOST_LINES),
  }
}

function knownOf({ tableName, rowId }: Change, { records, time }: Told): Known {
  const calls = ({ tableName: table, id }: Pointer): string => {
    const row = records.get(table)?.get(id)
    return (row && recordKind(table)?.nameOf(row, calls)) ?? `no. ${id}`
  }
  return {
    row: records.get(tableName)?.get(rowId),
    calls,
    timeText: (iso) => textIn(time.zone, new Date(iso), `d MMM yyyy ${timePattern(time.clock)}`),
  }
}
