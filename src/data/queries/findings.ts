import { and, asc, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm'
import type { Db } from '../client'
import { findings, trays } from '../schema'
import { rowsBySheet, rowsByTray } from './rowsUnder'

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

/** A finding with the tray of its case sheet it was noted on. */
export interface SheetFinding extends Pick<Finding, 'kind' | 'words' | 'trayId'> {
  readonly trayNumber: number
}

/** Findings that stand on handed-back trays by case sheet, the newest first. */
export async function findingsOfSheets(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, SheetFinding[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const { kind, words, trayId } = findings
  const rows = await db
    .select({ kind, words, trayId, trayNumber: trays.number, caseSheetId: trays.caseSheetId })
    .from(findings)
    .innerJoin(trays, eq(trays.id, findings.trayId))
    .where(
      and(
        inArray(trays.caseSheetId, [...caseSheetIds]),
        isNull(findings.takenBackAt),
        isNotNull(trays.finishedAt),
      ),
    )
    .orderBy(desc(findings.id))
  return rowsBySheet(caseSheetIds, rows)
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
