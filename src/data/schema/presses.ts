import { boolean, doublePrecision, pgTable, serial, text } from 'drizzle-orm/pg-core'
import { PRESS_KINDS } from '@/core/press/PressStep'

export const presses = pgTable('presses', {
  id: serial('id').primaryKey(),
  name: text('name').notNull().unique(),
  kind: text('kind', { enum: PRESS_KINDS }).notNull(),
  /** true when it shows force and travel */
  gauged: boolean('gauged').notNull().default(false),
  /** N that it may be brought to; null where nobody said */
  mostForceN: doublePrecision('most_force_n'),
})
