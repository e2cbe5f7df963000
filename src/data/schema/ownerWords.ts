import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

/** What a technician wrote to an owner instead of what was drafted, line by line; the newest of a key holds. Append-only. */
export const ownerWords = pgTable(
  'owner_words',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** of the line */
    key: text('key').notNull(),
    /** null: as it is drafted again; empty: left out */
    words: text('words'),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
