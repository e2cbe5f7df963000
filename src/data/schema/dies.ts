import { doublePrecision, integer, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { DIE_MATERIALS, DIE_ROLES } from '@/core/dies/Die'
import { stockLine } from './stockLine'

export const dies = pgTable('dies', {
  id: serial('id').primaryKey(),
  role: text('role', { enum: DIE_ROLES }).notNull(),
  material: text('material', { enum: DIE_MATERIALS }).notNull(),
  outerDiameterMm: doublePrecision('outer_diameter_mm').notNull(),
  openingMm: doublePrecision('opening_mm').notNull().default(0),
  recessDepthMm: doublePrecision('recess_depth_mm').notNull().default(0),
  sides: integer('sides'),
  ...stockLine(),
})
