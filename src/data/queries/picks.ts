import { and, asc, desc, eq, getTableColumns, inArray, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import { isPressOutcome } from '@/core/press/pressOutcomes'
import type { Db } from '../client'
import { crystals, gaskets, picks, pressRuns } from '../schema'
import { rowsByTray } from './rowsUnder'

export type Pick = typeof picks.$inferSelect
export type NewPick = typeof picks.$inferInsert
/** Without the readings of its cell, which are asked for by themselves. */
type KeptRun = Omit<typeof pressRuns.$inferSelect, 'trace'> & { readonly hasTrace: boolean }
/** A press that was to bring a picked crystal home. */
export interface PressRun extends KeptRun {
  readonly pickId: number
  readonly outcome: PressOutcome
}
export type NewPressRun = typeof pressRuns.$inferInsert

/** A pick with the parts it chose, as their lines are now. */
export interface PickedParts {
  readonly pick: Pick
  readonly crystal: StockCrystal
  /** null where no ring goes with the crystal */
  readonly gasket: StockGasket | null
  /** the second ring of a removable bezel */
  readonly bezelGasket: StockGasket | null
}

/** The pick that counts of each tray that has one: its newest. */
export async function latestPicksOf(db: Db, trayIds: readonly number[]): Promise<Map<number, PickedParts>> {
  if (trayIds.length === 0) return new Map()
  const bezelGaskets = alias(gaskets, 'bezel_gaskets')
  const { changed: _ofCrystal, ...crystal } = getTableColumns(crystals)
  const { changed: _ofGasket, ...gasket } = getTableColumns(gaskets)
  const { changed: _ofBezelGasket, ...bezelGasket } = getTableColumns(bezelGaskets)
  const rows = await db
    .selectDistinctOn([picks.trayId], { pick: picks, crystal, gasket, bezelGasket })
    .from(picks)
    .leftJoin(crystals, eq(crystals.id, picks.crystalId))
    .leftJoin(gaskets, eq(gaskets.id, picks.gasketId))
    .leftJoin(bezelGaskets, eq(bezelGaskets.id, picks.bezelGasketId))
    .where(inArray(picks.trayId, [...trayIds]))
    .orderBy(asc(picks.trayId), desc(picks.id))
  return new Map(rows.map((row) => [row.pick.trayId, pickedParts(row)]))
}

/** A part of a drawer as its line is now, one of the piece itself as it was read when it was picked. */
function pickedParts({
  pick,
  crystal,
  gasket,
  bezelGasket,
}: Omit<PickedParts, 'crystal'> & { readonly crystal: StockCrystal | null }): PickedParts {
  const which = crystal ?? pick.ownCrystal
  if (!which)
    throw new Error(`pick ${pick.id}: neither a crystal of a drawer nor one of its own is kept with it`)
  return { pick, crystal: which, gasket: gasket ?? pick.ownGasket, bezelGasket }
}

export async function insertPick(db: Db, row: NewPick): Promise<Pick> {
  const [pick] = await db.insert(picks).values(row).returning()
  if (!pick) throw new Error('the pick was not stored')
  return pick
}

/** What brought crystals home, or did not, by tray, oldest first. */
export async function pressRunsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, PressRun[]>> {
  if (trayIds.length === 0) return new Map()
  const { trace, ...columns } = getTableColumns(pressRuns)
  const rows = await db
    .select({ ...columns, hasTrace: sql<boolean>`${trace} IS NOT NULL` })
    .from(pressRuns)
    .where(and(inArray(pressRuns.trayId, [...trayIds]), eq(pressRuns.work, 'crystal-in')))
    .orderBy(asc(pressRuns.id))
  return rowsByTray(trayIds, rows.filter(isCrystalIn))
}

function isCrystalIn(run: KeptRun): run is PressRun {
  return run.pickId !== null && isPressOutcome(run.outcome)
}

export async function insertPressRun(db: Db, row: NewPressRun): Promise<void> {
  await db.insert(pressRuns).values(row)
}
