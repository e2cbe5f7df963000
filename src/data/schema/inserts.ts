import { doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { INSERT_FORMS } from '@/core/construction/kinds'
import { STOCK_INSERT_MATERIALS } from '@/core/stock/otherParts'
import { stockLine } from './stockLine'

export const inserts = pgTable('inserts', {
  id: serial('id').primaryKey(),
  outerMm: doublePrecision('outer_mm').notNull(),
  innerMm: doublePrecision('inner_mm').notNull(),
  thicknessMm: doublePrecision('thickness_mm').notNull(),
  form: text('form', { enum: INSERT_FORMS }).notNull(),
  material: text('material', { enum: STOCK_INSERT_MATERIALS }).notNull(),
  colour: text('colour').notNull().default(''),
  family: text('family').notNull().default(''),
  ...stockLine(),
})
