import { doublePrecision, index, integer, jsonb, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { ShapeInput } from '@/core/shapes/shapeSize'
import { SHAPE_KINDS } from '@/core/shapes/shapeSize'
import { trays } from './trays'

/**
 * The old crystal's size by a way round the jaws, with everything it was worked out from. Append-only: the size is
 * kept as it was found, so that a later model does not rewrite it.
 */
export const shapeReadings = pgTable(
  'shape_readings',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    kind: text('kind', { enum: SHAPE_KINDS }).notNull(),
    diameterMm: doublePrecision('diameter_mm').notNull(),
    standardUncertaintyMm: doublePrecision('standard_uncertainty_mm').notNull(),
    words: text('words').notNull(),
    input: jsonb('input').$type<ShapeInput>().notNull(),
    takenAt: timestamp('taken_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.trayId)],
)

/** A shape reading taken back: the old value stays, with the reason. Append-only. */
export const shapeReadingVoids = pgTable('shape_reading_voids', {
  shapeReadingId: integer('shape_reading_id')
    .primaryKey()
    .references(() => shapeReadings.id),
  reason: text('reason').notNull(),
  voidedAt: timestamp('voided_at', { withTimezone: true }).notNull(),
})
