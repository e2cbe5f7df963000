import { asc, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { reopenings } from '../schema'
import { rowsByTray } from './rowsUnder'

export type Reopening = typeof reopenings.$inferSelect
export type NewReopening = typeof reopenings.$inferInsert

/** When and why trays were taken in hand again, by tray, the oldest first. */
export async function reopeningsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, Reopening[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(reopenings)
    .where(inArray(reopenings.trayId, [...trayIds]))
    .orderBy(asc(reopenings.id))
  return rowsByTray(trayIds, rows)
}

export async function insertReopening(db: Db, row: NewReopening): Promise<void> {
  await db.insert(reopenings).values(row)
}
