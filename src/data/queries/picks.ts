import { asc, desc, eq } from 'drizzle-orm'
import type { Db } from '../client'
import { picks, pressRuns } from '../schema'

export type Pick = typeof picks.$inferSelect
export type NewPick = typeof picks.$inferInsert
export type PressRun = typeof pressRuns.$inferSelect
export type NewPressRun = typeof pressRuns.$inferInsert

/** The pick that counts: the newest of the tray. */
export async function latestPick(db: Db, trayId: number): Promise<Pick | undefined> {
  return (await db.select().from(picks).where(eq(picks.trayId, trayId)).orderBy(desc(picks.id)).limit(1))[0]
}

export async function insertPick(db: Db, row: NewPick): Promise<Pick> {
  const [pick] = await db.insert(picks).values(row).returning()
  if (!pick) throw new Error('the pick was not stored')
  return pick
}

/** Press runs of one tray, oldest first. */
export function pressRunsOfTray(db: Db, trayId: number): Promise<PressRun[]> {
  return db.select().from(pressRuns).where(eq(pressRuns.trayId, trayId)).orderBy(asc(pressRuns.id))
}

export async function insertPressRun(db: Db, row: NewPressRun): Promise<void> {
  await db.insert(pressRuns).values(row)
}
