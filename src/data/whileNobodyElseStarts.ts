import { sql } from 'drizzle-orm'
import type { Db } from './client'
import { START_LOCK } from './client'
import { transact } from './transact'

/**
 * Runs what is done once for a shop, one process after the other: two that start on the same PostgreSQL
 * server would otherwise both find it undone. Freed with the transaction, also when the process dies.
 */
export function whileNobodyElseStarts<T>(db: Db, work: (db: Db) => Promise<T>): Promise<T> {
  return transact(db, async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(${START_LOCK})`)
    return work(tx)
  })
}
