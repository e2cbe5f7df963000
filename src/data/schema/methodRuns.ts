import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { Scope } from '@/core/methods/scopes'
import type { Process } from '@/core/methods/harmTable'
import { trays } from './trays'

/** A bath, flame or the like used on a tray; open while `ended_at` is empty. */
export const methodRuns = pgTable(
  'method_runs',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    process: text('process').$type<Process>().notNull(),
    scope: text('scope').$type<Scope>().notNull(),
    startedAt: timestamp('started_at', { withTimezone: true }).notNull(),
    endedAt: timestamp('ended_at', { withTimezone: true }),
  },
  (table) => [index().on(table.trayId), index().on(table.endedAt)],
)
