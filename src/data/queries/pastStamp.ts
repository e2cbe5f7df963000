import { and, eq, ne, sql } from 'drizzle-orm'
import type { Db } from '../client'
import { crystals, dies, gaskets, presses, trays } from '../schema'

/** What tells whether anything was written that the past of a case sheet is read from. */
export interface PastStamp {
  /** revisions of the sheet's other trays, and names of presses: what is read is as it was while this is */
  readonly others: string
  /** number of the newest change among the parts that went in, as the drawers count them */
  readonly newestPart: number
  /** parts changed under a lower number are in what is read after this */
  readonly horizon: number
}

/** The stamp of a sheet's past, one tray left out. Taken before the past itself is read, nothing is ever missed. */
export async function pastStamp(db: Db, caseSheetId: number, trayId: number): Promise<PastStamp> {
  const newest = (table: typeof crystals | typeof gaskets | typeof dies) =>
    sql`coalesce((select max(${table.changed}) from ${table}), -1)`
  const revisions = db
    .select({ all: sql`string_agg(${trays.id} || ':' || ${trays.revision}, ',' order by ${trays.id})` })
    .from(trays)
    .where(and(eq(trays.caseSheetId, caseSheetId), ne(trays.id, trayId)))
  const names = db
    .select({ all: sql`string_agg(${presses.id} || ':' || ${presses.name}, ',' order by ${presses.id})` })
    .from(presses)
  const [stamp] = await db
    .select({
      horizon: sql`pg_snapshot_xmin(pg_current_snapshot())::text::bigint`.mapWith(Number),
      newestPart: sql`greatest(${newest(crystals)}, ${newest(gaskets)}, ${newest(dies)})`.mapWith(Number),
      others: sql<string>`concat((${revisions}), ' ', (${names}))`,
    })
    .from(sql`(values (1)) as one (n)`)
  return stamp ?? { others: '', newestPart: Infinity, horizon: 0 }
}
