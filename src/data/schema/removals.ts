import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { RemovalWay } from '@/core/removal/Removal'
import { REMOVAL_OUTCOMES, REMOVED_PARTS } from '@/core/removal/Removal'
import { trays } from './trays'

/** How bezels, inserts and magnifiers came off, each try a row. Append-only. */
export const removals = pgTable(
  'removals',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    part: text('part', { enum: REMOVED_PARTS }).notNull(),
    way: text('way').$type<RemovalWay>().notNull(),
    outcome: text('outcome', { enum: REMOVAL_OUTCOMES }).notNull(),
    /** null where nobody looked at the clock */
    minutes: integer('minutes'),
    note: text('note').notNull().default(''),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
