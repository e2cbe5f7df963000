import { date, doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import type { InstrumentKind } from '@/core/measure/InstrumentSpec'

export const instruments = pgTable('instruments', {
  id: serial('id').primaryKey(),
  name: text('name').notNull().unique(),
  kind: text('kind').$type<InstrumentKind>().notNull(),
  resolutionMm: doublePrecision('resolution_mm').notNull(),
  maximumPermissibleErrorMm: doublePrecision('maximum_permissible_error_mm').notNull(),
  zeroOffsetMm: doublePrecision('zero_offset_mm').notNull().default(0),
  calibrationDueOn: date('calibration_due_on'),
})
