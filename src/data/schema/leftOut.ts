import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

/** Something a stage demands that was left out, and why: the newest row of a subject counts. Append-only. */
export const leftOut = pgTable(
  'left_out',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** `step:` with its id, or what else is demanded */
    subject: text('subject').notNull(),
    /** null where it is no longer left out */
    reason: text('reason'),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
