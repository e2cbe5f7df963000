import { and, eq, isNull, ne, sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { PART_KINDS } from '@/core/parts/parts'
import type { Db } from '../client'
import {
  caseSheets,
  instrumentChecks,
  instruments,
  methodRuns,
  owners,
  presses,
  shopSettings,
  trays,
} from '../schema'
import { partTable } from './partTables'

/** Which tray is meant. */
export type TrayKey = { readonly id: number } | { readonly number: number }

/** What tells whether anything was written that a tray's page is read from. */
export interface TrayStamp {
  readonly trayId: number
  readonly revision: number
  /** of its sheet and its owner: their rows are as they were while this is */
  readonly intake: string
  /** revisions of the sheet's other trays: its past is as it was while this is */
  readonly others: string
  /** of what the shop keeps once for all trays: instruments and their checks, presses, methods in use, settings */
  readonly shop: string
  /** number of the newest change in the drawers, as they count them */
  readonly newestPart: number
  /** parts changed under a lower number are in what is read after this */
  readonly horizon: number
}

/**
 * The stamp of a tray, in one question. Taken before what it stamps is read, nothing is ever missed.
 * @returns undefined when there is no such tray
 */
export async function trayStamp(db: Db, key: TrayKey): Promise<TrayStamp | undefined> {
  const siblings = db
    .select({ all: sql`string_agg(s.id || ':' || s.revision, ',' order by s.id)` })
    .from(sql`${trays} as s`)
    .where(and(sql`s.case_sheet_id = ${trays.caseSheetId}`, ne(sql`s.id`, trays.id)))
  const [stamp] = await db
    .select({
      trayId: trays.id,
      revision: trays.revision,
      intake: sql<string>`concat(${caseSheets}.xmin, ' ', ${caseSheets.id}, ' ', ${owners}.xmin, ' ', ${owners.id})`,
      others: sql<string>`coalesce((${siblings}), '')`,
      shop: sql<string>`concat_ws(' ', ${sql.join(SHOP.map(marks), sql`, `)})`,
      newestPart: sql`greatest(${sql.join(PART_KINDS.map(partTable).map(newest), sql`, `)})`.mapWith(Number),
      horizon: sql`pg_snapshot_xmin(pg_current_snapshot())::text::bigint`.mapWith(Number),
    })
    .from(trays)
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .innerJoin(owners, eq(owners.id, trays.ownerId))
    .where('id' in key ? eq(trays.id, key.id) : eq(trays.number, key.number))
  return stamp
}

/** Few rows each: the checks of instruments are what grows, by some a week. */
const SHOP: readonly { readonly table: PgTable; readonly where?: ReturnType<typeof isNull> }[] = [
  { table: instruments },
  { table: instrumentChecks },
  { table: presses },
  { table: shopSettings },
  { table: methodRuns, where: isNull(methodRuns.endedAt) },
]

/** Which rows of a table there are and which transaction wrote each: no write leaves both as they were. */
function marks({ table, where }: (typeof SHOP)[number]) {
  return sql`(select md5(string_agg(concat(${table}.ctid, ' ', ${table}.xmin), ',' order by ${table}.ctid)) from ${table} ${where ? sql`where ${where}` : sql``})`
}

function newest(table: ReturnType<typeof partTable>) {
  return sql`coalesce((select max(${table.changed}) from ${table}), -1)`
}
