import { doublePrecision, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { PRESS_OUTCOMES } from '@/core/press/pressPlan'
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
    pickId: integer('pick_id')
      .notNull()
      .references(() => picks.id),
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
    outcome: text('outcome', { enum: PRESS_OUTCOMES }).notNull(),
    note: text('note').notNull().default(''),
    ranAt: timestamp('ran_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId), index().on(table.pickId)],
)
