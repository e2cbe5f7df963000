import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

/** A tray that was handed back and taken in hand again, and why. Append-only. */
export const reopenings = pgTable(
  'reopenings',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    handedBackAt: timestamp('handed_back_at', { withTimezone: true }).notNull(),
    reason: text('reason').notNull(),
    reopenedAt: timestamp('reopened_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
