import { eq, getTableColumns, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { readings, readingVoids } from '../schema'
import { rowsAsJson } from './rowsAsJson'

export type Reading = typeof readings.$inferSelect
export type NewReading = typeof readings.$inferInsert

/** A reading as it is kept, with what became of it. */
export interface KeptReading extends Reading {
  /** null while it stands */
  readonly voidReason: string | null
  /** null while it stands */
  readonly voidedAt: Date | null
}

/** Readings by tray, standing and taken back, oldest first. */
export async function readingsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, KeptReading[]>> {
  if (trayIds.length === 0) return new Map()
  const { reason: voidReason, voidedAt } = readingVoids
  const columns = { ...getTableColumns(readings), voidReason, voidedAt }
  const rows = await db
    .select({ trayId: readings.trayId, kept: rowsAsJson(columns, readings.id) })
    .from(readings)
    .leftJoin(readingVoids, eq(readingVoids.readingId, readings.id))
    .where(inArray(readings.trayId, [...trayIds]))
    .groupBy(readings.trayId)
  const byTray = new Map<number, KeptReading[]>(trayIds.map((id) => [id, []]))
  for (const { trayId, kept } of rows) byTray.set(trayId, kept)
  return byTray
}

export async function insertReadings(db: Db, rows: NewReading[]): Promise<Reading[]> {
  return db.insert(readings).values(rows).returning()
}

export async function voidReading(db: Db, readingId: number, reason: string, voidedAt: Date): Promise<void> {
  await db.insert(readingVoids).values({ readingId, reason, voidedAt })
}
