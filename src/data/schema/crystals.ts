import { doublePrecision, index, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { AR_COATINGS, MAGNIFIERS } from '@/core/construction/kinds'
import { CRYSTAL_BUILDS, CRYSTAL_MATERIALS, CRYSTAL_PROFILES } from '@/core/fit/parts'
import { stockLine } from './stockLine'

export const crystals = pgTable(
  'crystals',
  {
    id: serial('id').primaryKey(),
    diameterMm: doublePrecision('diameter_mm').notNull(),
    edgeThicknessMm: doublePrecision('edge_thickness_mm').notNull(),
    centreThicknessMm: doublePrecision('centre_thickness_mm').notNull(),
    undersideRiseMm: doublePrecision('underside_rise_mm').notNull().default(0),
    bevelMm: doublePrecision('bevel_mm').notNull().default(0),
    material: text('material', { enum: CRYSTAL_MATERIALS }).notNull(),
    profile: text('profile', { enum: CRYSTAL_PROFILES }).notNull(),
    build: text('build', { enum: CRYSTAL_BUILDS }).notNull().default('disc'),
    widthMm: doublePrecision('width_mm'),
    cornerRadiusMm: doublePrecision('corner_radius_mm'),
    skirtInnerMm: doublePrecision('skirt_inner_mm'),
    ringHeightMm: doublePrecision('ring_height_mm'),
    magnifier: text('magnifier', { enum: MAGNIFIERS }).notNull().default('none'),
    insideMagnifierMm: doublePrecision('inside_magnifier_mm'),
    arCoating: text('ar_coating', { enum: AR_COATINGS }).notNull().default('none'),
    ...stockLine(),
  },
  (table) => [
    index().on(table.diameterMm),
    index().on(table.changed),
    index().on(table.supplier, table.supplierCode),
  ],
)
