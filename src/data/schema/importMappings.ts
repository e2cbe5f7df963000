import { jsonb, pgTable, serial, text, unique } from 'drizzle-orm/pg-core'
import { PART_KINDS } from '@/core/parts/parts'

/** Which column of a supplier's list is which field, as it was set last. */
export const importMappings = pgTable(
  'import_mappings',
  {
    id: serial('id').primaryKey(),
    supplier: text('supplier').notNull(),
    partKind: text('part_kind', { enum: PART_KINDS }).notNull(),
    /** field name by heading of the list */
    columns: jsonb('columns').$type<Readonly<Record<string, string>>>().notNull(),
  },
  (table) => [unique().on(table.supplier, table.partKind)],
)
