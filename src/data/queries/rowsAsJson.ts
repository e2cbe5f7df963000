import type { GetColumnData, SQL } from 'drizzle-orm'
import { sql } from 'drizzle-orm'
import type { PgColumn } from 'drizzle-orm/pg-core'

type Columns = Readonly<Record<string, PgColumn>>
type RowOf<C extends Columns> = { [Name in keyof C]: GetColumnData<C[Name]> }

/**
 * The rows of each group as one value. Read one by one, every field of every row is parsed by itself, which for a tray's
 * readings takes longer than the question.
 * @param columns - of types that JSON holds: text, numbers, times, or JSON itself. One of a table joined from the left
 * may be null, whatever its type says
 * @param order - of the rows within their group
 */
export function rowsAsJson<C extends Columns>(columns: C, order: SQL | PgColumn): SQL<RowOf<C>[]> {
  const named = Object.entries(columns)
  const values = sql.join(
    named.map(([, column]) => sql`${column}`),
    sql`, `,
  )
  // The drivers parse JSON themselves, or hand its text on: both ways are met.
  return sql`json_agg(json_build_array(${values}) order by ${order})`.mapWith((value: unknown) => {
    const rows = (typeof value === 'string' ? JSON.parse(value) : value) as unknown[][]
    return rows.map((row) =>
      Object.fromEntries(named.map(([name, column], at) => [name, read(column, row[at])])),
    )
  }) as SQL<RowOf<C>[]>
}

function read(column: PgColumn, value: unknown): unknown {
  return value === null || value === undefined ? null : column.mapFromDriverValue(value)
}
