import fs from 'node:fs'
import path from 'node:path'

/** Between the statements of a migration. */
const BREAKPOINT = '--> statement-breakpoint'

/** Where the migrator writes down what was done, as it makes it itself. */
const BOOKKEEPING =
  'CREATE SCHEMA IF NOT EXISTS drizzle;\n' +
  'CREATE TABLE drizzle.__drizzle_migrations (id SERIAL PRIMARY KEY, hash text NOT NULL, created_at bigint);\n'

/**
 * The tables as they are after so many migrations, as SQL that any PostgreSQL loads.
 * @param migrations - the folder they are in
 */
export function schemaSql(migrations: string, done: number): string {
  const tags = migrationTags(migrations).slice(0, done)
  const texts = tags.map((tag) =>
    fs.readFileSync(path.join(migrations, `${tag}.sql`), 'utf8').replaceAll(BREAKPOINT, ''),
  )
  return [BOOKKEEPING, ...texts].join('\n')
}

/** Names of the migrations there are, in order. */
export function migrationTags(migrations: string): string[] {
  const journal = JSON.parse(fs.readFileSync(path.join(migrations, 'meta/_journal.json'), 'utf8')) as {
    readonly entries: readonly { readonly tag: string }[]
  }
  return journal.entries.map(({ tag }) => tag)
}
