import { asc, inArray } from 'drizzle-orm'
import type { LeftOut } from '@/core/stages/LeftOut'
import type { Db } from '../client'
import { leftOut } from '../schema'

export type NewLeftOut = typeof leftOut.$inferInsert

/** What is left out of each tray and why, by subject; what was taken back is not among it. */
export async function leftOutOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, Readonly<Record<string, LeftOut>>>> {
  const byTray = new Map<number, Record<string, LeftOut>>(trayIds.map((id) => [id, {}]))
  if (trayIds.length === 0) return byTray
  const rows = await db
    .select()
    .from(leftOut)
    .where(inArray(leftOut.trayId, [...trayIds]))
    .orderBy(asc(leftOut.id))
  for (const { trayId, subject, reason, at } of rows) {
    const ofTray = byTray.get(trayId) ?? {}
    if (reason === null) delete ofTray[subject]
    else ofTray[subject] = { reason, at: at.toISOString() }
  }
  return byTray
}

export async function insertLeftOut(db: Db, rows: readonly NewLeftOut[]): Promise<void> {
  if (rows.length > 0) await db.insert(leftOut).values([...rows])
}
