import { doublePrecision, index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import type { SheetDimension } from '@/core/readings/sheetFigures'
import { caseSheets } from './caseSheets'
import { trays } from './trays'

/**
 * What a case sheet took from a piece that was handed back, one row a dimension: the rows of a tray's last hand-back
 * count. Append-only.
 */
export const sheetFigures = pgTable(
  'sheet_figures',
  {
    id: serial('id').primaryKey(),
    caseSheetId: integer('case_sheet_id')
      .notNull()
      .references(() => caseSheets.id),
    trayId: integer('tray_id')
      .notNull()
      .references(() => trays.id),
    dimension: text('dimension').$type<SheetDimension>().notNull(),
    valueMm: doublePrecision('value_mm').notNull(),
    standardUncertaintyMm: doublePrecision('standard_uncertainty_mm').notNull(),
    readings: integer('readings').notNull(),
    /** what it was read with, in words */
    instruments: text('instruments').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.caseSheetId)],
)
