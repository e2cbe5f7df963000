import type { Ask } from '../Connection'
import { migrationTags } from './schemaSql'

/** True where a newer version is about to change tables that hold something: a new shop has nothing to lose yet. */
export async function isBehind(ask: Ask, migrations: string): Promise<boolean> {
  const done = await migrationsDone(ask)
  return done > 0 && done < migrationTags(migrations).length
}

/** True where migrations are still to be done, in a new database all of them. */
export async function isOutdated(ask: Ask, migrations: string): Promise<boolean> {
  return (await migrationsDone(ask)) < migrationTags(migrations).length
}

async function migrationsDone(ask: Ask): Promise<number> {
  const [book] = await ask("SELECT to_regclass('drizzle.__drizzle_migrations')::text AS book")
  if (!book?.['book']) return 0
  const [applied] = await ask('SELECT count(*)::int AS done FROM drizzle.__drizzle_migrations')
  return Number(applied?.['done'])
}
