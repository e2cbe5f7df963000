import { doublePrecision, index, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { O_RING_MATERIALS } from '@/core/stock/otherParts'
import { stockLine } from './stockLine'

export const oRings = pgTable(
  'o_rings',
  {
    id: serial('id').primaryKey(),
    innerDiameterMm: doublePrecision('inner_diameter_mm').notNull(),
    sectionMm: doublePrecision('section_mm').notNull(),
    material: text('material', { enum: O_RING_MATERIALS }).notNull(),
    ...stockLine(),
  },
  (table) => [index().on(table.sectionMm, table.innerDiameterMm)],
)
