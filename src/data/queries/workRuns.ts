import { and, desc, eq, getTableColumns, inArray, ne, sql } from 'drizzle-orm'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import type { OtherPressWork, WorkOutcome } from '@/core/press/pressWorks'
import type { Db } from '../client'
import { pressRuns, trays } from '../schema'
import { rowsBySheet } from './rowsUnder'
import { isInvented } from './shopSettings'

/** A press of anything but a crystal that goes in, on a tray of a case sheet; without the readings of its cell. */
export interface WorkRun extends Omit<
  typeof pressRuns.$inferSelect,
  'trace' | 'work' | 'outcome' | 'pickId'
> {
  readonly caseSheetId: number
  readonly trayNumber: number
  readonly work: OtherPressWork
  readonly outcome: WorkOutcome
  readonly hasTrace: boolean
}

/** Every other press that was logged on each case sheet, newest first: what counts as pressed alone. */
export async function workRunsOfSheets(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, WorkRun[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const { trace, work: _work, outcome: _outcome, pickId: _pickId, ...columns } = getTableColumns(pressRuns)
  const [rows, invented] = await Promise.all([
    db
      .select({
        ...columns,
        work: sql<OtherPressWork>`${pressRuns.work}`,
        outcome: sql<WorkOutcome>`${pressRuns.outcome}`,
        caseSheetId: trays.caseSheetId,
        trayNumber: trays.number,
        hasTrace: sql<boolean>`${trace} IS NOT NULL`,
      })
      .from(pressRuns)
      .innerJoin(trays, eq(trays.id, pressRuns.trayId))
      .where(and(inArray(trays.caseSheetId, [...caseSheetIds]), ne(pressRuns.work, 'crystal-in')))
      .orderBy(desc(pressRuns.id)),
    isInvented(db),
  ])
  return rowsBySheet(
    caseSheetIds,
    rows.filter(({ cell }) => countsAsPressed(cell, invented)),
  )
}
