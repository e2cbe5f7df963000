import { date, doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { INSIDE_ZEROS } from '@/core/measure/describedInstrument'
import type { InstrumentKind } from '@/core/measure/InstrumentSpec'

export const instruments = pgTable('instruments', {
  id: serial('id').primaryKey(),
  name: text('name').notNull().unique(),
  kind: text('kind').$type<InstrumentKind>().notNull(),
  resolutionMm: doublePrecision('resolution_mm').notNull(),
  maximumPermissibleErrorMm: doublePrecision('maximum_permissible_error_mm').notNull(),
  zeroOffsetMm: doublePrecision('zero_offset_mm').notNull().default(0),
  /** standard uncertainty of its zero; null: as its maximum permissible error allows */
  zeroUncertaintyMm: doublePrecision('zero_uncertainty_mm'),
  /** standard uncertainty of its scale, mm on a metre; null: none */
  scaleMmPerM: doublePrecision('scale_mm_per_m'),
  insideZero: text('inside_zero', { enum: INSIDE_ZEROS }),
  calibrationDueOn: date('calibration_due_on'),
})
