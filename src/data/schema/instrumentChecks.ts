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
import { instruments } from './instruments'

/** A quick check of an instrument against a gauge block or pin. Append-only. */
export const instrumentChecks = pgTable(
  'instrument_checks',
  {
    id: serial('id').primaryKey(),
    instrumentId: integer('instrument_id')
      .notNull()
      .references(() => instruments.id),
    nominalMm: doublePrecision('nominal_mm').notNull(),
    readingsMm: jsonb('readings_mm').$type<readonly number[]>().notNull(),
    driftMm: doublePrecision('drift_mm').notNull(),
    verdict: text('verdict', { enum: ['within', 'correct', 'unsteady'] }).notNull(),
    /** true when the drift was taken into the instrument's zero offset */
    corrected: boolean('corrected').notNull(),
    checkedAt: timestamp('checked_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.instrumentId)],
)
