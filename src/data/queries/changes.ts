import type { SQL } from 'drizzle-orm'
import { and, desc, eq, getTableColumns, getTableName, inArray, is, or, sql } from 'drizzle-orm'
import { PgTable } from 'drizzle-orm/pg-core'
import type { Change, RowValues } from '@/core/history/Change'
import type { PartKind } from '@/core/parts/parts'
import type { Db } from '../client'
import * as schema from '../schema'
import { changes } from '../schema'
import { partTable } from './partTables'

/** Whose history is asked for. */
export type HistoryOf =
  | { readonly kind: 'everything' }
  | { readonly kind: 'tray'; readonly id: number }
  | { readonly kind: 'sheet'; readonly id: number }
  | { readonly kind: 'part'; readonly part: PartKind; readonly id: number }
  | { readonly kind: 'shop' }

const SHOPS_OWN = ['shop_settings', 'instruments', 'instrument_checks', 'presses', 'testers']

/** What was done, the newest first. @param most - changes */
export function changesOf(db: Db, of: HistoryOf, most: number): Promise<Change[]> {
  return db.select().from(changes).where(whereOf(db, of)).orderBy(desc(changes.id)).limit(most)
}

function whereOf(db: Db, of: HistoryOf): SQL | undefined {
  const record = (table: string, id: number) => and(eq(changes.tableName, table), eq(changes.rowId, id))
  switch (of.kind) {
    case 'everything':
      return undefined
    case 'tray':
      return eq(changes.trayId, of.id)
    case 'shop':
      return inArray(changes.tableName, SHOPS_OWN)
    case 'sheet': {
      const { sheetFigures } = schema
      const learned = db
        .select({ id: sheetFigures.id })
        .from(sheetFigures)
        .where(eq(sheetFigures.caseSheetId, of.id))
      return or(
        record('case_sheets', of.id),
        and(eq(changes.tableName, 'sheet_figures'), inArray(changes.rowId, learned)),
      )
    }
    case 'part': {
      const { stockMoves } = schema
      const moves = db
        .select({ id: stockMoves.id })
        .from(stockMoves)
        .where(and(eq(stockMoves.partKind, of.part), eq(stockMoves.partId, of.id)))
      return or(
        record(getTableName(partTable(of.part)), of.id),
        and(eq(changes.tableName, 'stock_moves'), inArray(changes.rowId, moves)),
      )
    }
  }
}

const TABLES = new Map(
  Object.values(schema).flatMap((one: unknown) =>
    is(one, PgTable) ? [[getTableName(one), one] as const] : [],
  ),
)

/** Names of all tables of the shop's data. */
export function tableNames(): string[] {
  return [...TABLES.keys()]
}

/** A picture is not needed to say which one it is. */
const PHOTO = sql`id, tray_id, caption`

/** Records as they are now, by their ids; those of a table nobody knows, and those that are gone, are left out. */
export async function rowsNow(
  db: Db,
  tableName: string,
  ids: readonly number[],
): Promise<Map<number, RowValues>> {
  const table = TABLES.get(tableName)
  const key = table && Object.values(getTableColumns(table)).find((column) => column.primary)
  if (!table || !key || ids.length === 0) return new Map()
  const columns = table === schema.photos ? PHOTO : sql`*`
  const found = await db.execute(
    sql`SELECT history_key(to_jsonb(r)) AS id, to_jsonb(r) AS row
        FROM (SELECT ${columns} FROM ${table} WHERE ${inArray(key, [...ids])}) r`,
  )
  const { rows } = found as {
    readonly rows: readonly { readonly id: number; readonly row: RowValues }[]
  }
  return new Map(rows.map(({ id, row }) => [id, row]))
}
