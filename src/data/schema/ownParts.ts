import { boolean, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { OwnPartId, Seen } from '@/core/own-parts/OwnPart'
import { trays } from './trays'

/** What was seen of a part of the piece itself, and whether it goes back: the newest row of a part counts. Append-only. */
export const ownParts = pgTable(
  'own_parts',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    part: text('part').$type<OwnPartId>().notNull(),
    seen: text('seen').$type<Seen>().notNull(),
    /** a crystal and its ring go back by being picked */
    goesBack: boolean('goes_back').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
