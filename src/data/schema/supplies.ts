import { pgTable, serial, text } from 'drizzle-orm/pg-core'
import { stockLine } from './stockLine'

export const supplies = pgTable('supplies', {
  id: serial('id').primaryKey(),
  name: text('name').notNull(),
  ...stockLine(),
})
