import { asc, eq, getTableColumns, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { readings, readingVoids } from '../schema'
import { rowsByTray } from './rowsByTray'

export type Reading = typeof readings.$inferSelect
export type NewReading = typeof readings.$inferInsert

/** A reading as it is kept, with what became of it. */
export interface KeptReading extends Reading {
  /** null while it stands */
  readonly voidReason: string | null
}

/** Readings by tray, standing and taken back, oldest first. */
export async function readingsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, KeptReading[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select({ ...getTableColumns(readings), voidReason: readingVoids.reason })
    .from(readings)
    .leftJoin(readingVoids, eq(readingVoids.readingId, readings.id))
    .where(inArray(readings.trayId, [...trayIds]))
    .orderBy(asc(readings.id))
  return rowsByTray(trayIds, rows)
}

export async function insertReadings(db: Db, rows: NewReading[]): Promise<Reading[]> {
  return db.insert(readings).values(rows).returning()
}

export async function voidReading(db: Db, readingId: number, reason: string, voidedAt: Date): Promise<void> {
  await db.insert(readingVoids).values({ readingId, reason, voidedAt })
}
