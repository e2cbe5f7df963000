import { and, asc, desc, eq, inArray, sql } from 'drizzle-orm'
import type { PgColumn } from 'drizzle-orm/pg-core'
import type { StockCrystal } from '@/core/fit/parts'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { Db } from '../client'
import { caseSheets, crystals, dies, gaskets, picks, presses, pressRuns, trays } from '../schema'
import { rowsBySheet } from './rowsUnder'
import { isInvented } from './shopSettings'

export type NewCaseSheet = typeof caseSheets.$inferInsert

export function allCaseSheets(db: Db): Promise<CaseSheet[]> {
  return db.select().from(caseSheets).orderBy(asc(caseSheets.maker), asc(caseSheets.reference))
}

export async function caseSheetById(db: Db, id: number): Promise<CaseSheet | undefined> {
  return (await db.select().from(caseSheets).where(eq(caseSheets.id, id)))[0]
}

export async function caseSheetByName(
  db: Db,
  maker: string,
  reference: string,
): Promise<CaseSheet | undefined> {
  const named = and(eq(caseSheets.maker, maker), eq(caseSheets.reference, reference))
  return (await db.select().from(caseSheets).where(named))[0]
}

export async function insertCaseSheets(db: Db, rows: NewCaseSheet[]): Promise<CaseSheet[]> {
  return db.insert(caseSheets).values(rows).returning()
}

/** @returns false when there is no such sheet */
export async function updateCaseSheet(db: Db, id: number, row: NewCaseSheet): Promise<boolean> {
  const changed = await db
    .update(caseSheets)
    .set(row)
    .where(eq(caseSheets.id, id))
    .returning({ id: caseSheets.id })
  return changed.length > 0
}

/** Sets the circle on which a case's notches stand, to the hundredth, mm. */
export async function setNotchCircle(db: Db, id: number, circleMm: number): Promise<void> {
  const notchCircleMm = Math.round(circleMm * 100) / 100
  await db.update(caseSheets).set({ notchCircleMm }).where(eq(caseSheets.id, id))
}

/** Keeps how many clicks a turn of its bezel has, as counted on a piece. */
export async function setBezelClicks(db: Db, id: number, bezelClicks: number): Promise<void> {
  await db.update(caseSheets).set({ bezelClicks }).where(eq(caseSheets.id, id))
}

/** Every crystal pressed on each case sheet, newest first, with how: what counts as pressed alone. */
export async function pressRunsOfSheets(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, SheetPressRun[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const [runs, invented] = await Promise.all([runsJoined(db, caseSheetIds), isInvented(db)])
  const counting = runs.filter(({ cell }) => countsAsPressed(cell, invented))
  return rowsBySheet(caseSheetIds, counting.map(withOwn))
}

function runsJoined(db: Db, caseSheetIds: readonly number[]) {
  return db
    .select({
      id: pressRuns.id,
      caseSheetId: trays.caseSheetId,
      trayId: trays.id,
      trayNumber: trays.number,
      ownerMark: trays.ownerMark,
      outcome: sql<PressOutcome>`${pressRuns.outcome}`,
      quarterTurns: pressRuns.quarterTurns,
      peakForceN: pressRuns.peakForceN,
      slideForceN: pressRuns.slideForceN,
      cell: pressRuns.cell,
      cause: pressRuns.cause,
      verdict: pressRuns.verdict,
      hasTrace: sql<boolean>`${pressRuns.trace} IS NOT NULL`,
      travelMm: pressRuns.travelMm,
      cushion: pressRuns.cushion,
      note: pressRuns.note,
      ranAt: pressRuns.ranAt,
      pressId: pressRuns.pressId,
      pressName: nameOf(presses.name, presses.id, pressRuns.pressId),
      pusherId: pressRuns.pusherId,
      supportId: pressRuns.supportId,
      pusherCode: nameOf(dies.code, dies.id, pressRuns.pusherId),
      crystalId: crystals.id,
      crystalCode: crystals.code,
      crystalDiameterMm: crystals.diameterMm,
      crystalEdgeMm: crystals.edgeThicknessMm,
      crystalMaterial: crystals.material,
      crystalProfile: crystals.profile,
      ownCrystal: picks.ownCrystal,
      ownGasket: picks.ownGasket,
      hold: sql<string | null>`${picks.evidence} ->> 'hold'`,
      gasketId: gaskets.id,
      gasketCode: gaskets.code,
      gasketWallMm: gaskets.wallMm,
      gasketOuterMm: gaskets.outerDiameterMm,
      gasketMaterial: gaskets.material,
      gasketSection: gaskets.section,
      gasketColour: gaskets.colour,
    })
    .from(pressRuns)
    .innerJoin(picks, eq(picks.id, pressRuns.pickId))
    .innerJoin(trays, eq(trays.id, pressRuns.trayId))
    .leftJoin(crystals, eq(crystals.id, picks.crystalId))
    .leftJoin(gaskets, eq(gaskets.id, picks.gasketId))
    .where(and(inArray(trays.caseSheetId, [...caseSheetIds]), eq(pressRuns.work, 'crystal-in')))
    .orderBy(desc(pressRuns.ranAt), desc(pressRuns.id))
}

/** A word of another line, looked up beside the join: each table more in it makes the planner's search much longer. */
function nameOf(word: PgColumn, id: PgColumn, wanted: PgColumn) {
  return sql<string | null>`(select ${word} from ${word.table} where ${id} = ${wanted})`
}

type RunJoined = Awaited<ReturnType<typeof runsJoined>>[number]

/** What went in, whether it came from a drawer or was the piece's own. */
interface WentIn {
  /** null for the piece's own */
  readonly crystalId: number | null
  readonly crystalCode: string
  readonly crystalDiameterMm: number
  readonly crystalEdgeMm: number
  readonly crystalMaterial: StockCrystal['material']
  readonly crystalProfile: StockCrystal['profile']
  readonly ofOwn: boolean
}

export type SheetPressRun = Omit<RunJoined, keyof WentIn | 'ownCrystal' | 'ownGasket'> & WentIn

function withOwn({ ownCrystal, ownGasket, ...run }: RunJoined): SheetPressRun {
  const known = <T>(value: T | null): T => {
    if (value === null) throw new Error(`press run ${run.id}: nothing is kept of the crystal that went in`)
    return value
  }
  return {
    ...run,
    crystalCode: ownCrystal?.code ?? known(run.crystalCode),
    crystalDiameterMm: ownCrystal?.diameterMm ?? known(run.crystalDiameterMm),
    crystalEdgeMm: ownCrystal?.edgeThicknessMm ?? known(run.crystalEdgeMm),
    crystalMaterial: ownCrystal?.material ?? known(run.crystalMaterial),
    crystalProfile: ownCrystal?.profile ?? known(run.crystalProfile),
    ...(ownGasket && {
      gasketCode: ownGasket.code,
      gasketWallMm: ownGasket.wallMm,
      gasketOuterMm: ownGasket.outerDiameterMm,
      gasketMaterial: ownGasket.material,
      gasketColour: ownGasket.colour,
    }),
    ofOwn: ownCrystal !== null || ownGasket !== null,
  }
}
