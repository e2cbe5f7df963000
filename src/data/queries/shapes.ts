import { asc, eq, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { shapeReadings, shapeReadingVoids } from '../schema'

export type ShapeReading = typeof shapeReadings.$inferSelect
export type NewShapeReading = typeof shapeReadings.$inferInsert

export interface ShapeRow {
  readonly shape: ShapeReading
  /** null while it stands */
  readonly voidReason: string | null
}

/** Shape readings by tray, standing and taken back, oldest first. */
export async function shapesOf(db: Db, trayIds: readonly number[]): Promise<Map<number, ShapeRow[]>> {
  const byTray = new Map<number, ShapeRow[]>(trayIds.map((id) => [id, []]))
  if (trayIds.length === 0) return byTray
  const rows = await db
    .select({ shape: shapeReadings, voidReason: shapeReadingVoids.reason })
    .from(shapeReadings)
    .leftJoin(shapeReadingVoids, eq(shapeReadingVoids.shapeReadingId, shapeReadings.id))
    .where(inArray(shapeReadings.trayId, [...trayIds]))
    .orderBy(asc(shapeReadings.id))
  for (const row of rows) byTray.get(row.shape.trayId)?.push(row)
  return byTray
}

/** Shape readings of one tray that stand, oldest first. */
export async function standingShapes(db: Db, trayId: number): Promise<ShapeReading[]> {
  const rows = (await shapesOf(db, [trayId])).get(trayId) ?? []
  return rows.filter((row) => row.voidReason === null).map((row) => row.shape)
}

export async function insertShape(db: Db, row: NewShapeReading): Promise<void> {
  await db.insert(shapeReadings).values(row)
}

export async function voidShape(db: Db, id: number, reason: string, voidedAt: Date): Promise<void> {
  await db.insert(shapeReadingVoids).values({ shapeReadingId: id, reason, voidedAt })
}
