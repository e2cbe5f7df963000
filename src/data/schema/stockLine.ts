import { integer, text } from 'drizzle-orm/pg-core'
import { stockChange } from './stockChange'

/** What every kind of part in the drawers has; spread into its table. */
export const stockLine = () => ({
  code: text('code').notNull().unique(),
  drawer: text('drawer').notNull(),
  quantity: integer('quantity').notNull(),
  /** fewer than this are to be ordered */
  minimum: integer('minimum').notNull().default(0),
  priceCents: integer('price_cents').notNull().default(0),
  supplier: text('supplier').notNull().default(''),
  supplierCode: text('supplier_code').notNull().default(''),
  /** what a copy in memory is brought up to date by */
  changed: stockChange(),
})
