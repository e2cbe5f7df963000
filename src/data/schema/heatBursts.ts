import { index, integer, pgTable, serial, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

/** Heat on a magnifier's bond, a burst a row, written down when it ends. Append-only. */
export const heatBursts = pgTable(
  'heat_bursts',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    seconds: integer('seconds').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
