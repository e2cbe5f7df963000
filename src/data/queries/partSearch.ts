import type { SQL } from 'drizzle-orm'
import { and, asc, desc, eq, getTableColumns, gte, ilike, lt, lte, or, sql } from 'drizzle-orm'
import type { PgColumn } from 'drizzle-orm/pg-core'
import type { PartQuery } from '@/core/stock/partQuery'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { StockLine } from '@/core/stock/StockLine'
import type { Db } from '../client'
import { partTable } from './partTables'

/** A line of the drawers with all its fields. */
export type PartRow = StockLine & Readonly<Record<string, string | number | null>>

export interface PartSearch {
  readonly kind: PartKind
  readonly query: PartQuery
  readonly sort: { readonly field: string; readonly descending: boolean } | null
  readonly from: number
  readonly most: number
}

/** Lines that a search finds, and how many there are in all. */
export async function searchParts(db: Db, search: PartSearch): Promise<{ rows: PartRow[]; total: number }> {
  const { kind, query, sort, from, most } = search
  const table = partTable(kind)
  const where = conditionOf(kind, query)
  const [count] = await db
    .select({ total: sql`count(*)`.mapWith(Number) })
    .from(table)
    .where(where)
  const rows = await db
    .select(columnsOf(kind))
    .from(table)
    .where(where)
    .orderBy(...orderOf(kind, sort))
    .limit(most)
    .offset(from)
  return { rows: rows as unknown as PartRow[], total: count?.total ?? 0 }
}

/** Every line of a kind that a search finds, in the order they lie: for export and labels. */
export async function allPartsFound(
  db: Db,
  kind: PartKind,
  query: PartQuery,
  most: number,
): Promise<PartRow[]> {
  const rows = await db
    .select(columnsOf(kind))
    .from(partTable(kind))
    .where(conditionOf(kind, query))
    .orderBy(...orderOf(kind, null))
    .limit(most)
  return rows
}

export async function partById(db: Db, kind: PartKind, id: number): Promise<PartRow | null> {
  const table = partTable(kind)
  const [row] = await db.select(columnsOf(kind)).from(table).where(eq(table.id, id))
  return (row as unknown as PartRow | undefined) ?? null
}

/** Lines fewer than their minimum, by supplier: what is to be ordered. */
export async function partsBelowMinimum(db: Db, kind: PartKind): Promise<PartRow[]> {
  const table = partTable(kind)
  const rows = await db
    .select(columnsOf(kind))
    .from(table)
    .where(lt(table.quantity, table.minimum))
    .orderBy(asc(table.supplier), ...orderOf(kind, null))
  return rows
}

/** Drawers and how many lines of a kind lie in each. */
export async function drawersOf(db: Db, kind: PartKind): Promise<{ drawer: string; lines: number }[]> {
  const table = partTable(kind)
  return db
    .select({ drawer: table.drawer, lines: sql`count(*)`.mapWith(Number) })
    .from(table)
    .groupBy(table.drawer)
    .orderBy(asc(table.drawer))
}

/** How many lines of a kind there are, and how many are to be ordered. */
export async function partCounts(db: Db, kind: PartKind): Promise<{ lines: number; low: number }> {
  const table = partTable(kind)
  const [row] = await db
    .select({
      lines: sql`count(*)`.mapWith(Number),
      low: sql`count(*) filter (where ${table.quantity} < ${table.minimum})`.mapWith(Number),
    })
    .from(table)
  return row ?? { lines: 0, low: 0 }
}

function columnsOf(kind: PartKind) {
  const { changed: _, ...columns } = getTableColumns(partTable(kind))
  return columns
}

function columnNamed(kind: PartKind, name: string): PgColumn | null {
  const columns: Readonly<Record<string, PgColumn>> = getTableColumns(partTable(kind))
  return columns[name] ?? null
}

function orderOf(kind: PartKind, sort: PartSearch['sort']): SQL[] {
  const table = partTable(kind)
  const chosen = sort && columnNamed(kind, sort.field)
  const names = [PARTS[kind].sortedFirst ?? [], PARTS[kind].sizes].flat()
  const sizes = names.flatMap((name) => {
    const column = columnNamed(kind, name)
    return column ? [asc(column)] : []
  })
  // The id last, so that a page never shows a line of the one before.
  const usual = [...sizes, asc(table.drawer), asc(table.id)]
  if (!chosen) return usual
  // A price of 0 is one nobody knows: last, whichever way they are sorted.
  const known = sort.field === 'priceCents' ? sql`nullif(${chosen}, 0)` : chosen
  return [sql`${sort.descending ? desc(known) : asc(known)} nulls last`, ...usual]
}

function conditionOf(kind: PartKind, { sizes, words, shelf, stock }: PartQuery): SQL | undefined {
  const table = partTable(kind)
  const bySize = sizes.flatMap((range, at) => {
    const column = columnNamed(kind, PARTS[kind].sizes[at] ?? '')
    if (!range) return []
    // A kind without such a size has nothing of that size.
    return column ? [gte(column, range.leastMm), lte(column, range.mostMm)] : [sql`false`]
  })
  const texts = [
    table.code,
    table.drawer,
    table.supplier,
    table.supplierCode,
    ...PARTS[kind].searched.flatMap((name) => columnNamed(kind, name) ?? []),
  ]
  const byWord = words.map((word) => or(...texts.map((column) => ilike(column, `%${escaped(word)}%`))))
  return and(
    ...bySize,
    ...byWord,
    shelf === null ? undefined : ilike(table.drawer, `${escaped(shelf)}%`),
    stock === 'low' ? lt(table.quantity, table.minimum) : undefined,
    stock === 'empty' ? eq(table.quantity, 0) : undefined,
  )
}

/** What LIKE would take for its own signs is looked for as typed. */
function escaped(text: string): string {
  return text.replace(/[\\%_]/g, '\\$&')
}
