import { boolean, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { trays } from './trays'

/** A step or a hazard ticked, or its tick taken back: the newest row of a subject counts. Append-only. */
export const trayTicks = pgTable(
  'tray_ticks',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** `step:` or `hazard:` with its id */
    subject: text('subject').notNull(),
    done: boolean('done').notNull(),
    /** what was seen, where the step asks; empty where a tick tells all. Said of a step that is not done by it, too */
    said: text('said').notNull().default(''),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)
