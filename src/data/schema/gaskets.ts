import { doublePrecision, index, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { GASKET_MATERIALS, GASKET_SECTIONS, GASKET_USES } from '@/core/fit/parts'
import { stockLine } from './stockLine'

export const gaskets = pgTable(
  'gaskets',
  {
    id: serial('id').primaryKey(),
    outerDiameterMm: doublePrecision('outer_diameter_mm').notNull(),
    wallMm: doublePrecision('wall_mm').notNull(),
    heightMm: doublePrecision('height_mm').notNull(),
    section: text('section', { enum: GASKET_SECTIONS }).notNull(),
    footMm: doublePrecision('foot_mm').notNull().default(0),
    material: text('material', { enum: GASKET_MATERIALS }).notNull(),
    colour: text('colour').notNull(),
    use: text('use', { enum: GASKET_USES }).notNull().default('crystal'),
    family: text('family').notNull().default(''),
    ...stockLine(),
  },
  (table) => [
    index().on(table.outerDiameterMm),
    index().on(table.changed),
    index().on(table.supplier, table.supplierCode),
  ],
)
