import { getTableName } from 'drizzle-orm'
import type { PgTable as Table } from 'drizzle-orm/pg-core'
import type { Db } from './client'

export type { Table }

/** What was written through a watched handle. */
export interface Written {
  /** @returns whether one of these tables may have been written */
  readonly anyOf: (tables: readonly Table[]) => boolean
}

/** Ways to write that name their table. */
const WRITES = new Set<PropertyKey>(['insert', 'update', 'delete'])

/** Ways to write anything: what was written through them is not known. */
const UNSEEN = new Set<PropertyKey>(['execute', 'transaction', 'with', 'refreshMaterializedView'])

/** A handle that remembers which tables are written through it. */
export function watchWrites(db: Db): { readonly db: Db; readonly written: Written } {
  const names = new Set<string>()
  let everything = false
  const watched = new Proxy(db, {
    get(target, name) {
      const member: unknown = Reflect.get(target, name, target)
      if (UNSEEN.has(name)) everything = true
      if (!WRITES.has(name) || typeof member !== 'function') return member
      return (table: Table): unknown => {
        names.add(getTableName(table))
        return Reflect.apply(member, target, [table]) as unknown
      }
    },
  })
  const anyOf = (tables: readonly Table[]) =>
    everything || tables.some((table) => names.has(getTableName(table)))
  return { db: watched, written: { anyOf } }
}
