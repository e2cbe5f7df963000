import { asc, inArray } from 'drizzle-orm'
import type { LookedOver, OwnPartId, PartsLookedOver } from '@/core/own-parts/OwnPart'
import type { Db } from '../client'
import { ownParts } from '../schema'

/** What was last seen of each tray's own parts. */
export async function lookedOverOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, PartsLookedOver>> {
  const byTray = new Map<number, Partial<Record<OwnPartId, LookedOver>>>(trayIds.map((id) => [id, {}]))
  if (trayIds.length === 0) return byTray
  const rows = await db
    .select()
    .from(ownParts)
    .where(inArray(ownParts.trayId, [...trayIds]))
    .orderBy(asc(ownParts.id))
  for (const { trayId, part, seen, goesBack } of rows) {
    const ofTray = byTray.get(trayId)
    if (ofTray) ofTray[part] = { seen, goesBack }
  }
  return byTray
}

export async function insertLookedOver(db: Db, row: typeof ownParts.$inferInsert): Promise<void> {
  await db.insert(ownParts).values(row)
}
