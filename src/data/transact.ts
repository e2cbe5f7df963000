import { AsyncLocalStorage } from 'node:async_hooks'
import { sql } from 'drizzle-orm'
import type { Db } from './client'

/** Who does something, and what: kept with everything it changes. */
export interface Doer {
  /** name or initials said at that bench; null where none was */
  readonly by: string | null
  /** the action, by its name in the code; null where nobody gave it one */
  readonly doing: string | null
}

const current = new AsyncLocalStorage<Doer>()

/** Runs something in somebody's name: all that it changes is theirs in the history, see transact. */
export function doneBy<T>(doer: Doer, work: () => Promise<T>): Promise<T> {
  return current.run(doer, work)
}

/** Changes that are stored together or not at all. Every change of the shop's records is made in one: it says who made it. */
export function transact<T>(db: Db, work: (tx: Db) => Promise<T>): Promise<T> {
  const doer = current.getStore()
  return db.transaction(async (tx) => {
    if (doer)
      await tx.execute(
        sql`select set_config('whyalon.by', ${doer.by ?? ''}, true), set_config('whyalon.doing', ${doer.doing ?? ''}, true)`,
      )
    return work(tx)
  })
}
