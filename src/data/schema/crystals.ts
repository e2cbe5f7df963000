import { doublePrecision, index, integer, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { stockChange } from './stockChange'
import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES } from '@/core/fit/parts'

export const crystals = pgTable(
  'crystals',
  {
    id: serial('id').primaryKey(),
    code: text('code').notNull().unique(),
    drawer: text('drawer').notNull(),
    diameterMm: doublePrecision('diameter_mm').notNull(),
    edgeThicknessMm: doublePrecision('edge_thickness_mm').notNull(),
    centreThicknessMm: doublePrecision('centre_thickness_mm').notNull(),
    undersideRiseMm: doublePrecision('underside_rise_mm').notNull().default(0),
    bevelMm: doublePrecision('bevel_mm').notNull().default(0),
    material: text('material', { enum: CRYSTAL_MATERIALS }).notNull(),
    profile: text('profile', { enum: CRYSTAL_PROFILES }).notNull(),
    quantity: integer('quantity').notNull(),
    priceCents: integer('price_cents').notNull().default(0),
    /** what a copy in memory is brought up to date by */
    changed: stockChange(),
  },
  (table) => [index().on(table.diameterMm), index().on(table.changed)],
)
