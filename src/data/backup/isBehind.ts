import type { Ask } from './dumpSql'
import { migrationTags } from './schemaSql'

/** True where a newer version is about to change tables that hold something: a new shop has nothing to lose yet. */
export async function isBehind(ask: Ask, migrations: string): Promise<boolean> {
  const [book] = await ask("SELECT to_regclass('drizzle.__drizzle_migrations')::text AS book")
  if (!book?.['book']) return false
  const [applied] = await ask('SELECT count(*)::int AS done FROM drizzle.__drizzle_migrations')
  const done = Number(applied?.['done'])
  return done > 0 && done < migrationTags(migrations).length
}
