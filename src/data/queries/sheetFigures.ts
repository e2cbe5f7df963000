import { and, desc, eq, inArray, isNotNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import type { PieceFigure } from '@/core/learning/PieceFigure'
import type { Db } from '../client'
import { sheetFigures, trays } from '../schema'
import { rowsBySheet } from './rowsUnder'

/** A piece's figure with the tray it was read on. */
export interface KeptPieceFigure extends PieceFigure {
  readonly trayId: number
}

/**
 * What pieces handed back say of each case sheet's dimensions, the newest piece first: of every tray what its last
 * hand-back left. A tray that was taken in hand again says nothing until it is handed back.
 */
export async function pieceFiguresOf(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, KeptPieceFigure[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const later = alias(sheetFigures, 'later')
  const lastOfTray = db
    .select({ at: sql`max(${later.at})` })
    .from(later)
    .where(eq(later.trayId, sheetFigures.trayId))
  const rows = await db
    .select({
      caseSheetId: sheetFigures.caseSheetId,
      trayId: sheetFigures.trayId,
      trayNumber: trays.number,
      dimension: sheetFigures.dimension,
      valueMm: sheetFigures.valueMm,
      standardUncertaintyMm: sheetFigures.standardUncertaintyMm,
      readings: sheetFigures.readings,
      instruments: sheetFigures.instruments,
    })
    .from(sheetFigures)
    .innerJoin(trays, eq(trays.id, sheetFigures.trayId))
    .where(
      and(
        inArray(sheetFigures.caseSheetId, [...caseSheetIds]),
        isNotNull(trays.finishedAt),
        eq(sheetFigures.at, sql`(${lastOfTray})`),
      ),
    )
    .orderBy(desc(trays.number), sheetFigures.id)
  return rowsBySheet(caseSheetIds, rows)
}

export type NewSheetFigure = typeof sheetFigures.$inferInsert

export async function insertSheetFigures(db: Db, rows: readonly NewSheetFigure[]): Promise<void> {
  if (rows.length > 0) await db.insert(sheetFigures).values([...rows])
}
