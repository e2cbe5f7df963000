import {
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  serial,
  text,
  timestamp,
} from 'drizzle-orm/pg-core'
import { CRYSTAL_MATERIALS } from '@/core/fit/parts'
import type { AskedFor } from '@/core/intake/jobWords'
import { USES } from '@/core/intake/jobWords'
import type { SchoolChoices } from '@/core/procedure/schools'
import { CRYSTAL_STATES } from '@/core/intake/crystalStates'
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
    promises: text('promises').notNull().default(''),
    /** parts and work together, hundredths of the shop's money; null where none was quoted */
    quoteCents: integer('quote_cents'),
    quoteMinutes: integer('quote_minutes'),
    quoteSpecialist: text('quote_specialist').notNull().default(''),
    asked: jsonb('asked').$type<readonly AskedFor[]>().notNull().default(['crystal']),
    crystalState: text('crystal_state', { enum: CRYSTAL_STATES }).notNull(),
    /** crystal material of this very piece, when it differs from the sheet */
    foundMaterial: text('found_material', { enum: CRYSTAL_MATERIALS }),
    gasketPresent: boolean('gasket_present').notNull().default(true),
    /** of the crystal gasket that came in, years; null when nobody knows */
    gasketAgeYears: integer('gasket_age_years'),
    oldLume: boolean('old_lume').notNull().default(false),
    looseMarkers: boolean('loose_markers').notNull().default(false),
    steamedUp: boolean('steamed_up').notNull().default(false),
    /** stated on dial or back, bar; null where none is */
    classBar: doublePrecision('class_bar'),
    diver: boolean('diver').notNull().default(false),
    use: text('use', { enum: USES }).notNull().default('everyday'),
    /** 1 as new to 10 worn through; null when not graded */
    wear: integer('wear'),
    /** schools chosen by hand on this tray */
    schools: jsonb('schools').$type<SchoolChoices>().notNull().default({}),
    /** does what fitted this case before weigh in the size verdict? */
    pastCounts: boolean('past_counts').notNull().default(true),
    stage: text('stage').$type<StageId>().notNull(),
    openedAt: timestamp('opened_at', { withTimezone: true }).notNull(),
    dueAt: timestamp('due_at', { withTimezone: true }).notNull(),
    finishedAt: timestamp('finished_at', { withTimezone: true }),
    /** grows by one with every change of the tray: what was judged by an older one is judged anew */
    revision: integer('revision').notNull().default(0),
  },
  (table) => [index().on(table.caseSheetId), index().on(table.finishedAt)],
)
