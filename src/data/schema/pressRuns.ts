import { doublePrecision, index, integer, jsonb, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { FAILURE_CAUSES, PRESS_FEELS, PRESS_OUTCOMES } from '@/core/press/pressOutcomes'
import { PRESS_WORKS, WORK_OUTCOMES } from '@/core/press/pressWorks'
import { PRESS_VERDICTS } from '@/core/press-run/PressReading'
import type { PressTrace } from '@/core/press-run/PressTrace'
import { TRACE_SOURCES } from '@/core/press-run/PressTrace'
import { dies } from './dies'
import { picks } from './picks'
import { presses } from './presses'
import { trays } from './trays'

/** What was really done at the press. Append-only. */
export const pressRuns = pgTable(
  'press_runs',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** what the press was for */
    work: text('work', { enum: PRESS_WORKS }).notNull().default('crystal-in'),
    /** what was pressed in; null for every other work */
    pickId: integer('pick_id').references(() => picks.id),
    /** press and dies; null where the crystal went in by hand */
    pressId: integer('press_id').references(() => presses.id),
    pusherId: integer('pusher_id').references(() => dies.id),
    supportId: integer('support_id').references(() => dies.id),
    cushion: text('cushion').notNull().default(''),
    quarterTurns: integer('quarter_turns').notNull(),
    /** N; null when the press has no gauge */
    peakForceN: doublePrecision('peak_force_n'),
    /** mm; null when not read */
    travelMm: doublePrecision('travel_mm'),
    /** hour of the case that lay at the press's left for the first pressing, 1 to 12; null where nobody said, and by hand */
    leftHour: integer('left_hour'),
    /** how it felt; null where nobody said */
    feel: text('feel', { enum: PRESS_FEELS }),
    /** of a crystal that went in, or of another work */
    outcome: text('outcome', { enum: [...PRESS_OUTCOMES, ...WORK_OUTCOMES] }).notNull(),
    /** what a run that failed is put down to; null for others, and for runs from before it was asked */
    cause: text('cause', { enum: FAILURE_CAUSES }),
    /** force over travel as the press's cell sent it; null without one */
    trace: jsonb('trace').$type<PressTrace>(),
    /** the cell the trace is from; null without one */
    cell: text('cell', { enum: TRACE_SOURCES }),
    /** N that it slid at by the trace; null without one, and where it did not slide */
    slideForceN: doublePrecision('slide_force_n'),
    /** what the trace was read as when it was stored; null without one */
    verdict: text('verdict', { enum: PRESS_VERDICTS }),
    note: text('note').notNull().default(''),
    ranAt: timestamp('ran_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId), index().on(table.pickId), index().on(table.work)],
)
