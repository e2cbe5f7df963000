import { asc, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { trayTicks } from '../schema'

/** When each subject of a tray was ticked, ISO time; what was taken back is left out. */
export type Ticks = Readonly<Record<string, string>>

/** Standing ticks of several trays, by tray id. */
export async function ticksOf(db: Db, trayIds: readonly number[]): Promise<Map<number, Ticks>> {
  const byTray = new Map<number, Record<string, string>>(trayIds.map((id) => [id, {}]))
  if (trayIds.length === 0) return byTray
  const rows = await db
    .select()
    .from(trayTicks)
    .where(inArray(trayTicks.trayId, [...trayIds]))
    .orderBy(asc(trayTicks.id))
  for (const { trayId, subject, done, at } of rows) {
    const ticks = byTray.get(trayId) ?? {}
    if (done) ticks[subject] = at.toISOString()
    else delete ticks[subject]
  }
  return byTray
}

export async function insertTick(
  db: Db,
  row: { trayId: number; subject: string; done: boolean; at: Date },
): Promise<void> {
  await db.insert(trayTicks).values(row)
}
