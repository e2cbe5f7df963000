import { doublePrecision, index, integer, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { stockChange } from './stockChange'
import { GASKET_MATERIALS, GASKET_SECTIONS } from '@/core/fit/parts'

export const gaskets = pgTable(
  'gaskets',
  {
    id: serial('id').primaryKey(),
    code: text('code').notNull().unique(),
    drawer: text('drawer').notNull(),
    outerDiameterMm: doublePrecision('outer_diameter_mm').notNull(),
    wallMm: doublePrecision('wall_mm').notNull(),
    heightMm: doublePrecision('height_mm').notNull(),
    section: text('section', { enum: GASKET_SECTIONS }).notNull(),
    footMm: doublePrecision('foot_mm').notNull().default(0),
    material: text('material', { enum: GASKET_MATERIALS }).notNull(),
    colour: text('colour').notNull(),
    quantity: integer('quantity').notNull(),
    priceCents: integer('price_cents').notNull().default(0),
    /** what a copy in memory is brought up to date by */
    changed: stockChange(),
  },
  (table) => [index().on(table.outerDiameterMm), index().on(table.changed)],
)
