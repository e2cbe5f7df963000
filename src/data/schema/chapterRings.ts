import { doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { CHAPTER_RING_MATERIALS, STOCK_CHAPTER_RINGS } from '@/core/stock/otherParts'
import { stockLine } from './stockLine'

export const chapterRings = pgTable('chapter_rings', {
  id: serial('id').primaryKey(),
  outerMm: doublePrecision('outer_mm').notNull(),
  innerMm: doublePrecision('inner_mm').notNull(),
  heightMm: doublePrecision('height_mm').notNull(),
  form: text('form', { enum: STOCK_CHAPTER_RINGS }).notNull(),
  material: text('material', { enum: CHAPTER_RING_MATERIALS }).notNull(),
  colour: text('colour').notNull().default(''),
  family: text('family').notNull().default(''),
  ...stockLine(),
})
