import { pgTable, serial, text } from 'drizzle-orm/pg-core'

export const OWNER_KINDS = ['fleet', 'townsperson'] as const

/** Who a case belongs to. */
export const owners = pgTable('owners', {
  id: serial('id').primaryKey(),
  name: text('name').notNull().unique(),
  kind: text('kind', { enum: OWNER_KINDS }).notNull(),
})
