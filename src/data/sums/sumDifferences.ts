import type { Ask } from '../Connection'

/** A table that is not what was written to it. */
export interface SumDifference {
  readonly table: string
  /** rows there should be, by what was written */
  readonly stated: number
  /** rows that are there; null where the table cannot be read */
  readonly found: number | null
}

/** True once sums are kept of this database's tables. */
export async function keepsSums(ask: Ask): Promise<boolean> {
  const [found] = await ask("SELECT to_regclass('public.table_sums') IS NOT NULL AS kept")
  return found?.['kept'] === true
}

/**
 * Compares every table with the sum of what was written to it, all in one state of the database. Reads every row.
 * @returns the tables that differ: rows that are missing, or not as they were written
 */
export async function sumDifferences(ask: Ask): Promise<SumDifference[]> {
  const tables = await summedTables(ask)
  try {
    return (await ask(comparison(tables))).map(differenceOf)
  } catch {
    return oneByOne(ask, tables)
  }
}

/** A table that cannot be read keeps the others from being compared with it: each by itself, then. */
async function oneByOne(ask: Ask, tables: readonly string[]): Promise<SumDifference[]> {
  const differences: SumDifference[] = []
  for (const table of tables)
    try {
      differences.push(...(await ask(comparison([table]))).map(differenceOf))
    } catch {
      const [stated] = await ask(
        `SELECT coalesce(sum(rows), 0)::int AS rows FROM table_sums WHERE table_name = '${table}'`,
      )
      differences.push({ table, stated: Number(stated?.['rows']), found: null })
    }
  return differences
}

/** Tables a sum is kept of, those of which it is lost too. */
async function summedTables(ask: Ask): Promise<string[]> {
  const found = await ask(
    `SELECT relname AS name FROM pg_class WHERE oid IN (SELECT tgrelid FROM pg_trigger WHERE tgname = 'sum_of_inserts')
     ORDER BY relname`,
  )
  return found.map((row) => String(row['name']))
}

/** Stated and found in one statement: it sees one state, however others write meanwhile. */
function comparison(tables: readonly string[]): string {
  const found = tables.map(
    (table) =>
      `SELECT '${table}' AS name, count(*) AS rows, coalesce(sum(hash_record_extended(r, 0)), 0) AS sum FROM "${table}" r`,
  )
  return `WITH stated AS (SELECT table_name AS name, sum(rows) AS rows, sum(sum) AS sum FROM table_sums GROUP BY table_name),
    found AS (${found.join(' UNION ALL ')})
    SELECT found.name, coalesce(stated.rows, 0)::int AS stated, found.rows::int AS found
    FROM found LEFT JOIN stated USING (name)
    WHERE (stated.rows, stated.sum) IS DISTINCT FROM (found.rows::numeric, found.sum) ORDER BY found.name`
}

function differenceOf(row: Record<string, unknown>): SumDifference {
  return { table: String(row['name']), stated: Number(row['stated']), found: Number(row['found']) }
}

/** A difference in words: “readings: 12 of 4201 rows are missing”. */
export function inWords({ table, stated, found }: SumDifference): string {
  if (found === null) return `${table}: cannot be read (${stated} rows)`
  if (found < stated) return `${table}: ${stated - found} of ${stated} rows are missing`
  if (found > stated) return `${table}: ${found - stated} rows more than were written`
  return `${table}: not all of its ${stated} rows are as they were written`
}
