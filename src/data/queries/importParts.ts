import { getTableColumns, inArray, sql } from 'drizzle-orm'
import type { PgColumn } from 'drizzle-orm/pg-core'
import type { FieldValue } from '@/core/records/checkRecord'
import type { PartKind } from '@/core/parts/parts'
import type { Db } from '../client'
import { partTable } from './partTables'

export type PartValues = Readonly<Record<string, FieldValue>>

export interface KnownCode {
  readonly id: number
  readonly code: string
  readonly supplier: string
  readonly quantity: number
}

/** Which of these codes the drawers know already, and whose they are. */
export async function knownCodes(
  db: Db,
  kind: PartKind,
  codes: readonly string[],
): Promise<Map<string, KnownCode>> {
  const { id, code, supplier, quantity } = partTable(kind)
  const rows = await db
    .select({ id, code, supplier, quantity })
    .from(partTable(kind))
    .where(inArray(code, [...codes]))
  return new Map(rows.map((row) => [row.code, row]))
}

export interface Upserted {
  readonly id: number
  readonly code: string
  readonly quantity: number
  /** false when a line of this code was there and changed */
  readonly added: boolean
}

/**
 * Stores many lines at once: new codes are added, known ones changed where the list says otherwise. Lines that say what is
 * stored already are not touched, so that the same list twice changes nothing.
 * @param kept - fields of known lines that stay as the shop has them
 * @returns only the lines added or changed
 */
export async function upsertParts(
  db: Db,
  kind: PartKind,
  rows: readonly PartValues[],
  kept: ReadonlySet<string>,
): Promise<Upserted[]> {
  const table = partTable(kind)
  const all: Readonly<Record<string, PgColumn>> = getTableColumns(table)
  const names = Object.keys(all).filter((name) => name !== 'id' && name !== 'changed')
  const column = (name: string) => sql.identifier(all[name]?.name ?? name)
  const typed = names.map(
    (name) => sql`${sql.identifier(name)} ${sql.raw(all[name]?.getSQLType() ?? 'text')}`,
  )
  const list = (parts: ReturnType<typeof sql>[]) => sql.join(parts, sql`, `)
  const set = names.filter((name) => name !== 'code' && !kept.has(name))
  const own = list(set.map((name) => sql`${table}.${column(name)}`))
  const theirs = list(set.map((name) => sql`excluded.${column(name)}`))
  const statement = sql`
    insert into ${table} (${list(names.map((name) => sql`${column(name)}`))})
    select ${list(names.map((name) => sql`part.${sql.identifier(name)}`))}
    from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb) as part (${list(typed)})
    on conflict (code) do update set ${list(set.map((name) => sql`${column(name)} = excluded.${column(name)}`))}
    where (${own}) is distinct from (${theirs})
    returning id, code, quantity, (xmax = 0) as added`
  const answer: unknown = await db.execute(statement)
  return [...(answer as { readonly rows: readonly Upserted[] }).rows]
}
