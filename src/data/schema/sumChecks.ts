import { jsonb, pgTable, serial, timestamp } from 'drizzle-orm/pg-core'

/** When the tables were compared with their sums, and where they differed and that was accepted. */
export const sumChecks = pgTable('sum_checks', {
  id: serial('id').primaryKey(),
  at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  /** in words, one a table; empty where all was as it was written */
  accepted: jsonb('accepted').$type<readonly string[]>().notNull(),
})
