import { doublePrecision, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { DimensionId } from '@/core/readings/dimensions'
import { instruments } from './instruments'
import { trays } from './trays'

export const READING_SOURCES = ['typed', 'instrument'] as const

/**
 * What an instrument showed. Append-only: the database refuses to change or delete a row.
 * The instrument's figures are copied, so that a later calibration does not rewrite the past.
 */
export const readings = pgTable(
  'readings',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    dimension: text('dimension').$type<DimensionId>().notNull(),
    placeIndex: integer('place_index').notNull(),
    shownMm: doublePrecision('shown_mm').notNull(),
    instrumentId: integer('instrument_id')
      .notNull()
      .references(() => instruments.id),
    resolutionMm: doublePrecision('resolution_mm').notNull(),
    maximumPermissibleErrorMm: doublePrecision('maximum_permissible_error_mm').notNull(),
    zeroOffsetMm: doublePrecision('zero_offset_mm').notNull(),
    /** standard uncertainties: of this reading alone, and what all of the instrument's share; see `InstrumentSpec` */
    ownUncertaintyMm: doublePrecision('own_uncertainty_mm').notNull(),
    zeroUncertaintyMm: doublePrecision('zero_uncertainty_mm').notNull(),
    scaleUncertainty: doublePrecision('scale_uncertainty').notNull(),
    source: text('source', { enum: READING_SOURCES }).notNull(),
    takenAt: timestamp('taken_at', { withTimezone: true }).notNull(),
    /** when it came here, for one that was brought in from a file; null for one that was taken here */
    broughtInAt: timestamp('brought_in_at', { withTimezone: true }),
  },
  (table) => [index().on(table.trayId)],
)

/** A reading taken back: the old value stays, with the reason. Append-only. */
export const readingVoids = pgTable('reading_voids', {
  readingId: integer('reading_id')
    .primaryKey()
    .references(() => readings.id),
  reason: text('reason').notNull(),
  voidedAt: timestamp('voided_at', { withTimezone: true }).notNull(),
})
