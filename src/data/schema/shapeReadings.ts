import { doublePrecision, index, integer, jsonb, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { SharedErrors } from '@/core/measure/Estimate'
import type { DimensionId } from '@/core/readings/dimensions'
import type { ShapeInput } from '@/core/shapes/shapeSize'
import { SHAPE_KINDS } from '@/core/shapes/shapeSize'
import { trays } from './trays'

/**
 * A diameter by a way round the jaws, mostly the old crystal's, with everything it was worked out from. Append-only: the size is
 * kept as it was found, so that a later model does not rewrite it.
 */
export const shapeReadings = pgTable(
  'shape_readings',
  {
    id: serial('id').primaryKey(),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    /** whose diameter it is */
    dimension: text('dimension').$type<DimensionId>().notNull().default('crystal-diameter'),
    kind: text('kind', { enum: SHAPE_KINDS }).notNull(),
    diameterMm: doublePrecision('diameter_mm').notNull(),
    standardUncertaintyMm: doublePrecision('standard_uncertainty_mm').notNull(),
    /** what of its uncertainty others share, by where it comes from, mm */
    shared: jsonb('shared').$type<SharedErrors>().notNull().default({}),
    words: text('words').notNull(),
    input: jsonb('input').$type<ShapeInput>().notNull(),
    /** the picture it was read from; no reference, so that this row stays as it was should a picture go */
    photoId: integer('photo_id'),
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
