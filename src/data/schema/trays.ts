import { boolean, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { CRYSTAL_STATES } from '@/core/readings/readingPlan'
import type { StageId } from '@/core/stages/stages'
import { caseSheets } from './caseSheets'
import { owners } from './owners'

/** One job. */
export const trays = pgTable(
  'trays',
  {
    id: serial('id').primaryKey(),
    number: integer('number').notNull().unique(),
    caseSheetId: integer('case_sheet_id')
      .notNull()
      .references(() => caseSheets.id),
    ownerId: integer('owner_id')
      .notNull()
      .references(() => owners.id),
    /** what tells this piece from others of the same owner, as “no. 17” */
    ownerMark: text('owner_mark').notNull().default(''),
    complaint: text('complaint').notNull().default(''),
    crystalState: text('crystal_state', { enum: CRYSTAL_STATES }).notNull(),
    gasketPresent: boolean('gasket_present').notNull().default(true),
    oldLume: boolean('old_lume').notNull().default(false),
    stage: text('stage').$type<StageId>().notNull(),
    openedAt: timestamp('opened_at', { withTimezone: true }).notNull(),
    dueAt: timestamp('due_at', { withTimezone: true }).notNull(),
    finishedAt: timestamp('finished_at', { withTimezone: true }),
  },
  (table) => [index().on(table.caseSheetId), index().on(table.finishedAt)],
)
