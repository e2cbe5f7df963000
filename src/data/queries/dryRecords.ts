import { and, asc, desc, eq, gt, inArray, isNotNull } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import type { LeakPlace } from '@/core/dry-test/LeakPlace'
import type { KeptBlankRun, KeptDryRecord, PastDeformation } from '@/core/dry-test/standingDryTest'
import type { Db } from '../client'
import { caseSheets, dryRecords, leakPlaces, testers, trays } from '../schema'
import { rowsBySheet, rowsByTray } from './rowsUnder'

export type Tester = typeof testers.$inferSelect
export type NewTester = typeof testers.$inferInsert
export type KeptLeakPlace = typeof leakPlaces.$inferSelect

export function allTesters(db: Db): Promise<Tester[]> {
  return db.select().from(testers).orderBy(asc(testers.id))
}

export async function insertTesters(db: Db, rows: NewTester[]): Promise<Tester[]> {
  return db.insert(testers).values(rows).returning()
}

/** @returns false when there is no such tester */
export async function updateTester(db: Db, id: number, row: NewTester): Promise<boolean> {
  return (
    (await db.update(testers).set(row).where(eq(testers.id, id)).returning({ id: testers.id })).length > 0
  )
}

/** What testers recorded of each tray, oldest first. */
export async function dryRecordsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly (KeptDryRecord & { readonly trayId: number })[]>> {
  if (trayIds.length === 0) return new Map()
  const { id, trayId, testerId, kind, trace, pressureBar, airCm3, temperatureC, at } = dryRecords
  const rows = await db
    .select({ id, trayId, testerId, kind, trace, pressureBar, airCm3, temperatureC, at })
    .from(dryRecords)
    .where(inArray(trayId, [...trayIds]))
    .orderBy(asc(id))
  return rowsByTray(trayIds, rows)
}

/** Blank runs of a tester that still say how it drifts: the newest. From memory */
const MOST_BLANK_RUNS = 60

/** What tells how each tester drifts, the newest first. */
export async function blankRuns(db: Db): Promise<KeptBlankRun[]> {
  const { testerId, trayId, blank, at, id } = dryRecords
  const rows = await db
    .select({ testerId, trayId, blank, at, caseMaterial: caseSheets.caseMaterial })
    .from(dryRecords)
    .innerJoin(trays, eq(trays.id, trayId))
    .innerJoin(caseSheets, eq(caseSheets.id, trays.caseSheetId))
    .where(isNotNull(blank))
    .orderBy(desc(id))
    .limit(MOST_BLANK_RUNS)
  return rows.flatMap(({ blank: run, ...row }) => (run === null ? [] : [{ ...row, run }]))
}

/** How far cases of each sheet went in where they were tight, oldest first. */
export async function pastDeformationsOf(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, (PastDeformation & { readonly trayId: number })[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const { trayId, umPerBar, at, verdict, id } = dryRecords
  const rows = await db
    .select({ caseSheetId: trays.caseSheetId, trayId, umPerBar, at })
    .from(dryRecords)
    .innerJoin(trays, eq(trays.id, trayId))
    .where(and(inArray(trays.caseSheetId, [...caseSheetIds]), eq(verdict, 'pass')))
    .orderBy(asc(id))
  return rowsBySheet(
    caseSheetIds,
    rows.flatMap(({ umPerBar: rate, ...row }) => (rate === null ? [] : [{ ...row, umPerBar: rate }])),
  )
}

export async function insertDryRecord(db: Db, row: typeof dryRecords.$inferInsert): Promise<void> {
  await db.insert(dryRecords).values(row)
}

/** Where leaks of each tray were looked for, oldest first. */
export async function leakPlacesOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, readonly KeptLeakPlace[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(leakPlaces)
    .where(inArray(leakPlaces.trayId, [...trayIds]))
    .orderBy(asc(leakPlaces.id))
  return rowsByTray(trayIds, rows)
}

/** Where leaks turned out to be: looked for last before a test of the same tray that passed. */
export async function leaksFound(db: Db): Promise<{ trayId: number; place: LeakPlace }[]> {
  const passed = alias(dryRecords, 'passed')
  const { trayId, place, id, dryRecordId } = leakPlaces
  return db
    .selectDistinctOn([trayId], { trayId, place })
    .from(leakPlaces)
    .innerJoin(passed, and(eq(passed.trayId, trayId), eq(passed.verdict, 'pass'), gt(passed.id, dryRecordId)))
    .orderBy(trayId, desc(id))
}

export async function insertLeakPlace(db: Db, row: typeof leakPlaces.$inferInsert): Promise<void> {
  await db.insert(leakPlaces).values(row)
}
