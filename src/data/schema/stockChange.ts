import { sql } from 'drizzle-orm'
import { bigint } from 'drizzle-orm/pg-core'

/**
 * Number of the transaction that wrote a row last; a trigger renews it on update. Rows written since a snapshot are
 * those whose number is not below the snapshot's oldest open transaction: none is missed, however late it is stored.
 */
export const stockChange = () =>
  bigint('changed', { mode: 'number' })
    .notNull()
    .default(sql`(pg_current_xact_id()::text::bigint)`)
