import { doublePrecision, integer, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { BEZEL_KINDS, METALS } from '@/core/construction/kinds'
import { stockLine } from './stockLine'

export const bezels = pgTable('bezels', {
  id: serial('id').primaryKey(),
  bezelKind: text('bezel_kind', { enum: BEZEL_KINDS }).notNull(),
  material: text('material', { enum: METALS }).notNull(),
  outerMm: doublePrecision('outer_mm').notNull(),
  innerMm: doublePrecision('inner_mm').notNull(),
  boreMm: doublePrecision('bore_mm'),
  keySpacingMm: doublePrecision('key_spacing_mm'),
  keyWidthMm: doublePrecision('key_width_mm'),
  recessOuterMm: doublePrecision('recess_outer_mm'),
  recessInnerMm: doublePrecision('recess_inner_mm'),
  recessDepthMm: doublePrecision('recess_depth_mm'),
  clicks: integer('clicks'),
  family: text('family').notNull().default(''),
  ...stockLine(),
})
