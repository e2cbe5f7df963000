import { and, asc, eq, isNull } from 'drizzle-orm'
import type { Db } from '../client'
import { findings } from '../schema'

export type Finding = typeof findings.$inferSelect
export type NewFinding = typeof findings.$inferInsert

/** Findings of a tray that stand, the oldest first. */
export function standingFindings(db: Db, trayId: number): Promise<Finding[]> {
  return db
    .select()
    .from(findings)
    .where(and(eq(findings.trayId, trayId), isNull(findings.takenBackAt)))
    .orderBy(asc(findings.id))
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
