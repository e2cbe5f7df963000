import { doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { TESTER_MODES } from '@/core/dry-test/testerModes'

/** Dry testers of the shop. */
export const testers = pgTable('testers', {
  id: serial('id').primaryKey(),
  name: text('name').notNull().unique(),
  mode: text('mode', { enum: TESTER_MODES }).notNull(),
  /** as far as it goes, bar against the air around */
  mostBar: doublePrecision('most_bar').notNull(),
})
