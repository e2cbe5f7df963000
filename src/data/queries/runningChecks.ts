import { asc, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { runningChecks } from '../schema'
import { rowsByTray } from './rowsUnder'

export type KeptRunningCheck = typeof runningChecks.$inferSelect

/** How each tray's movement ran, oldest first. */
export async function runningChecksOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly KeptRunningCheck[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(runningChecks)
    .where(inArray(runningChecks.trayId, [...trayIds]))
    .orderBy(asc(runningChecks.id))
  return rowsByTray(trayIds, rows)
}

export async function insertRunningCheck(db: Db, row: typeof runningChecks.$inferInsert): Promise<void> {
  await db.insert(runningChecks).values(row)
}
