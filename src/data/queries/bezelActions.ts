import { asc, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { bezelActions } from '../schema'
import { rowsByTray } from './rowsUnder'

export type KeptBezelAction = typeof bezelActions.$inferSelect

/** How each tray's bezel was tried, oldest first. */
export async function bezelActionsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly KeptBezelAction[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(bezelActions)
    .where(inArray(bezelActions.trayId, [...trayIds]))
    .orderBy(asc(bezelActions.id))
  return rowsByTray(trayIds, rows)
}

export async function insertBezelAction(db: Db, row: typeof bezelActions.$inferInsert): Promise<void> {
  await db.insert(bezelActions).values(row)
}
