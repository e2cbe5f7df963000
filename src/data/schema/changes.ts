import { bigserial, index, integer, jsonb, pgTable, text, timestamp } from 'drizzle-orm/pg-core'

export const CHANGE_KINDS = ['added', 'changed', 'removed'] as const

/**
 * What was done to every record: by whom, when, and what it held before and after. Written by the database itself (see
 * the migration that made it), in the transaction of the change; never altered.
 */
export const changes = pgTable(
  'changes',
  {
    id: bigserial('id', { mode: 'number' }).primaryKey(),
    /** of its transaction: what was done at once has the same time */
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    /** name or initials said at that bench; null where none was */
    by: text('by'),
    /** the action, by its name in the code; null where a program did it */
    doing: text('doing'),
    tableName: text('table_name').notNull(),
    rowId: integer('row_id').notNull(),
    /** the tray it belongs to; null for the shop's own records */
    trayId: integer('tray_id'),
    kind: text('kind', { enum: CHANGE_KINDS }).notNull(),
    /** columns that changed as they were; all of a row that was removed; null of one that was added */
    was: jsonb('was').$type<Readonly<Record<string, unknown>>>(),
    /** the same columns as they are since; null unless changed */
    now: jsonb('now').$type<Readonly<Record<string, unknown>>>(),
  },
  (table) => [index().on(table.trayId, table.id), index().on(table.tableName, table.rowId, table.id)],
)
