import { and, asc, eq, inArray, isNull } from 'drizzle-orm'
import type { Db } from '../client'
import { findings } from '../schema'
import { rowsByTray } from './rowsByTray'

export type Finding = typeof findings.$inferSelect
export type NewFinding = typeof findings.$inferInsert

/** Findings that stand by tray, the oldest first. */
export async function standingFindingsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, Finding[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(findings)
    .where(and(inArray(findings.trayId, [...trayIds]), isNull(findings.takenBackAt)))
    .orderBy(asc(findings.id))
  return rowsByTray(trayIds, rows)
}

export async function insertFinding(db: Db, row: NewFinding): Promise<void> {
  await db.insert(findings).values(row)
}

/** @returns false when the tray has no such finding standing */
export async function takeBackFinding(db: Db, trayId: number, id: number, at: Date): Promise<boolean> {
  const changed = await db
    .update(findings)
    .set({ takenBackAt: at })
    .where(and(eq(findings.id, id), eq(findings.trayId, trayId), isNull(findings.takenBackAt)))
    .returning({ id: findings.id })
  return changed.length > 0
}
