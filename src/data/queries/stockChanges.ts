import type { SQL } from 'drizzle-orm'
import { getTableColumns, gte, sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import type { Die } from '@/core/dies/Die'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { StockBezel, StockChapterRing, StockInsert, StockORing } from '@/core/stock/otherParts'
import type { Db } from '../client'
import { bezels, chapterRings, crystals, dies, gaskets, inserts, oRings } from '../schema'

export interface StockChanges {
  readonly crystals: readonly StockCrystal[]
  readonly gaskets: readonly StockGasket[]
  readonly oRings: readonly StockORing[]
  readonly bezels: readonly StockBezel[]
  readonly inserts: readonly StockInsert[]
  readonly chapterRings: readonly StockChapterRing[]
  readonly dies: readonly Die[]
  /** where to go on from next time */
  readonly horizon: number
}

const TABLES = { crystals, gaskets, oRings, bezels, inserts, chapterRings, dies } as const
type Kind = keyof typeof TABLES

/** Lines of the drawers written since a horizon; 0 reads them all. */
export async function stockChangesSince(db: Db, since: number): Promise<StockChanges> {
  // Before the rows: what is written between the two is read again next time, and never missed.
  // The newest change is at the end of its index; whether any is new enough would be looked for all through the table.
  const written = (table: (typeof TABLES)[Kind]) =>
    sql<boolean>`coalesce((select max(${table.changed}) from ${table}), -1) >= ${since}`
  const [now] = await db
    .select({
      horizon: sql`pg_snapshot_xmin(pg_current_snapshot())::text::bigint`.mapWith(Number),
      crystals: written(crystals),
      gaskets: written(gaskets),
      oRings: written(oRings),
      bezels: written(bezels),
      inserts: written(inserts),
      chapterRings: written(chapterRings),
      dies: written(dies),
    })
    .from(sql`(values (1)) as one (n)`)
  const changed = <T>(kind: Kind): Promise<readonly T[]> =>
    now?.[kind] ? rowsAsJson<T>(db, TABLES[kind], gte(TABLES[kind].changed, since)) : Promise.resolve([])
  return {
    crystals: await changed<StockCrystal>('crystals'),
    gaskets: await changed<StockGasket>('gaskets'),
    oRings: await changed<StockORing>('oRings'),
    bezels: await changed<StockBezel>('bezels'),
    inserts: await changed<StockInsert>('inserts'),
    chapterRings: await changed<StockChapterRing>('chapterRings'),
    dies: await changed<Die>('dies'),
    horizon: now?.horizon ?? 0,
  }
}

/** Rows of a table in one value: a hundred thousand lines come several times as fast as row by row. */
async function rowsAsJson<T>(
  db: Db,
  table: PgTable & (typeof TABLES)[Kind],
  where: SQL,
): Promise<readonly T[]> {
  const columns = Object.entries(getTableColumns(table)).filter(([name]) => name !== 'changed')
  const list = sql.join(
    columns.map(([name, column]) => sql`${column} as ${sql.identifier(name)}`),
    sql`, `,
  )
  const [row] = await db
    .select({ rows: sql<readonly T[] | null>`json_agg(part)` })
    .from(sql`(select ${list} from ${table} where ${where}) as part`)
  return row?.rows ?? []
}
