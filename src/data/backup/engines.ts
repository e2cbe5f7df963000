import type { PGlite } from '@electric-sql/pglite'
import type { Client } from 'pg'
import type { Ask } from './dumpSql'
import type { RestoreTarget } from './restoreBackup'

/** The embedded engine as something a backup is made from or loaded into. */
export function ofEngine(engine: PGlite): RestoreTarget {
  const ask: Ask = async (statement) => (await engine.query<Record<string, unknown>>(statement)).rows
  return {
    ask,
    run: (statements) => engine.exec(statements),
    set: (statement, values) => engine.query(statement, [...values]),
  }
}

/** One connection to a PostgreSQL server, the same way. */
export function ofClient(client: Client): RestoreTarget {
  const ask: Ask = async (statement) => (await client.query<Record<string, unknown>>(statement)).rows
  return {
    ask,
    run: (statements) => client.query(statements),
    set: (statement, values) => client.query(statement, [...values]),
  }
}

/** One state of a database, however long it takes to read it. */
export async function inOneState<T>({ run }: RestoreTarget, read: () => Promise<T>): Promise<T> {
  await run('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY')
  try {
    return await read()
  } finally {
    await run('ROLLBACK')
  }
}
