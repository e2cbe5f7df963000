import { index, integer, pgTable, serial, text, timestamp } from 'drizzle-orm/pg-core'
import { MOVE_REASONS } from '@/core/stock/moveReasons'
import { PART_KINDS } from '@/core/parts/parts'
import { trays } from './trays'

/** What came into and went out of the drawers, and why. Append-only. */
export const stockMoves = pgTable(
  'stock_moves',
  {
    id: serial('id').primaryKey(),
    partKind: text('part_kind', { enum: PART_KINDS }).notNull(),
    partId: integer('part_id').notNull(),
    /** pieces: + in, − out */
    change: integer('change').notNull(),
    /** pieces there afterwards */
    leftThere: integer('left_there').notNull(),
    reason: text('reason', { enum: MOVE_REASONS }).notNull(),
    trayId: integer('tray_id').references(() => trays.id),
    movedAt: timestamp('moved_at', { withTimezone: true }).notNull(),
  },
  (table) => [index().on(table.partKind, table.partId), index().on(table.trayId)],
)
