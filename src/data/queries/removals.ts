import { asc, eq, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { caseSheets, heatBursts, removals, trays } from '../schema'
import { rowsByTray } from './rowsUnder'

export type KeptRemoval = typeof removals.$inferSelect
export type KeptHeatBurst = typeof heatBursts.$inferSelect

/** How parts of each tray came off, oldest first. */
export async function removalsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly KeptRemoval[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(removals)
    .where(inArray(removals.trayId, [...trayIds]))
    .orderBy(asc(removals.id))
  return rowsByTray(trayIds, rows)
}

/** What each tray's magnifier had of heat, oldest first. */
export async function heatBurstsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly KeptHeatBurst[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(heatBursts)
    .where(inArray(heatBursts.trayId, [...trayIds]))
    .orderBy(asc(heatBursts.id))
  return rowsByTray(trayIds, rows)
}

/** Every removal of the shop with what it was on, oldest first. */
export async function allRemovals(db: Db) {
  return db
    .select({
      part: removals.part,
      way: removals.way,
      outcome: removals.outcome,
      minutes: removals.minutes,
      sheetId: caseSheets.id,
      bezelKind: caseSheets.bezelKind,
      insertMaterial: caseSheets.insertMaterial,
      magnifier: caseSheets.magnifier,
    })
    .from(removals)
    .innerJoin(trays, eq(trays.id, removals.trayId))
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .orderBy(asc(removals.id))
}

export async function insertRemoval(db: Db, row: typeof removals.$inferInsert): Promise<void> {
  await db.insert(removals).values(row)
}

export async function insertHeatBurst(db: Db, row: typeof heatBursts.$inferInsert): Promise<void> {
  await db.insert(heatBursts).values(row)
}
