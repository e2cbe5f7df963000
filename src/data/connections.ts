import type { PGlite } from '@electric-sql/pglite'
import type { ClientBase } from 'pg'
import type { Connection } from './Connection'

type Query = (statement: string, values: unknown[]) => Promise<{ rows: Record<string, unknown>[] }>

/** The embedded engine as something a backup is made from or loaded into. */
export function ofEngine(engine: PGlite): Connection {
  return target(
    (statement, values) => engine.query(statement, values),
    (statements) => engine.exec(statements),
  )
}

/** One connection to a PostgreSQL server, the same way. */
export function ofClient(client: ClientBase): Connection {
  return target(
    (statement, values) => client.query(statement, values),
    (statements) => client.query(statements),
  )
}

function target(query: Query, run: Connection['run']): Connection {
  return {
    ask: async (statement) => (await query(statement, [])).rows,
    run,
    set: (statement, values) => query(statement, [...values]),
  }
}

/** One state of a database, however long it takes to read it. */
export async function inOneState<T>({ run }: Connection, read: () => Promise<T>): Promise<T> {
  await run('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY')
  try {
    return await read()
  } finally {
    await run('ROLLBACK')
  }
}
