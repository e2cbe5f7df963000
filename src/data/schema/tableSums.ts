import { bigint, numeric, pgTable, text } from 'drizzle-orm/pg-core'

/**
 * What every statement changed of a table's rows and of the sum over them, written by the database itself in the same
 * transaction (`keep_sum`): what a table should hold is the total of these. Rows that go missing on the disk give no
 * error; here they show.
 */
export const tableSums = pgTable('table_sums', {
  tableName: text('table_name').notNull(),
  rows: bigint('rows', { mode: 'number' }).notNull(),
  /** of the rows' 64-bit hashes, in total */
  sum: numeric('sum').notNull(),
})
