import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { FINDING_KINDS } from '@/core/intake/Finding'
import type { StageId } from '@/core/stages/stages'
import { trays } from './trays'

/** What was found on a piece, for the report. Taken back by a time, never deleted. */
export const findings = pgTable(
  'findings',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    kind: text('kind', { enum: FINDING_KINDS }).notNull(),
    words: text('words').notNull(),
    stage: text('stage').$type<StageId>().notNull(),
    foundAt: timestamp('found_at', { withTimezone: true }).notNull(),
    takenBackAt: timestamp('taken_back_at', { withTimezone: true }),
  },
  (table) => [index().on(table.trayId)],
)
