import { asc, eq, getTableColumns, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { shapeReadings, shapeReadingVoids } from '../schema'
import { rowsByTray } from './rowsUnder'

export type ShapeReading = typeof shapeReadings.$inferSelect
export type NewShapeReading = typeof shapeReadings.$inferInsert

/** A shape reading as it is kept, with what became of it. */
export interface KeptShape extends ShapeReading {
  /** null while it stands */
  readonly voidReason: string | null
  /** null while it stands */
  readonly voidedAt: Date | null
}

/** Shape readings by tray, standing and taken back, oldest first. */
export async function shapesOf(db: Db, trayIds: readonly number[]): Promise<Map<number, KeptShape[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select({
      ...getTableColumns(shapeReadings),
      voidReason: shapeReadingVoids.reason,
      voidedAt: shapeReadingVoids.voidedAt,
    })
    .from(shapeReadings)
    .leftJoin(shapeReadingVoids, eq(shapeReadingVoids.shapeReadingId, shapeReadings.id))
    .where(inArray(shapeReadings.trayId, [...trayIds]))
    .orderBy(asc(shapeReadings.id))
  return rowsByTray(trayIds, rows)
}

export async function insertShape(db: Db, row: NewShapeReading): Promise<void> {
  await db.insert(shapeReadings).values(row)
}

export async function voidShape(db: Db, id: number, reason: string, voidedAt: Date): Promise<void> {
  await db.insert(shapeReadingVoids).values({ shapeReadingId: id, reason, voidedAt })
}
