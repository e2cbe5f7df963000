import { asc, inArray } from 'drizzle-orm'
import type { StraightLook } from '@/core/straight/StraightLook'
import type { Db } from '../client'
import { straightLooks } from '../schema'
import { rowsByTray } from './rowsUnder'

/** Each tray's looks, oldest first. */
export async function straightLooksOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly StraightLook[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(straightLooks)
    .where(inArray(straightLooks.trayId, [...trayIds]))
    .orderBy(asc(straightLooks.id))
  return rowsByTray(trayIds, rows)
}

export async function insertStraightLook(db: Db, row: typeof straightLooks.$inferInsert): Promise<void> {
  await db.insert(straightLooks).values(row)
}
