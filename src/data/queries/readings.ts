import { and, asc, eq, inArray, isNull } from 'drizzle-orm'
import type { Db } from '../client'
import { readings, readingVoids } from '../schema'

export type Reading = typeof readings.$inferSelect
export type NewReading = typeof readings.$inferInsert

/** Readings of one tray that stand, oldest first. */
export async function standingReadings(db: Db, trayId: number): Promise<Reading[]> {
  return (await standingReadingsOf(db, [trayId])).get(trayId) ?? []
}

/** Readings that stand, by tray, oldest first. */
export async function standingReadingsOf(
  db: Db,
  trayIds: readonly number[],
): Promise<Map<number, Reading[]>> {
  const byTray = new Map<number, Reading[]>()
  if (trayIds.length === 0) return byTray
  const rows = await db
    .select({ reading: readings })
    .from(readings)
    .leftJoin(readingVoids, eq(readingVoids.readingId, readings.id))
    .where(and(inArray(readings.trayId, [...trayIds]), isNull(readingVoids.readingId)))
    .orderBy(asc(readings.id))
  for (const { reading } of rows) byTray.set(reading.trayId, [...(byTray.get(reading.trayId) ?? []), reading])
  return byTray
}

/** Readings of one tray that were taken back, with the reason, oldest first. */
export function voidedReadings(db: Db, trayId: number) {
  return db
    .select({ reading: readings, reason: readingVoids.reason, voidedAt: readingVoids.voidedAt })
    .from(readings)
    .innerJoin(readingVoids, eq(readingVoids.readingId, readings.id))
    .where(eq(readings.trayId, trayId))
    .orderBy(asc(readings.id))
}

export async function insertReadings(db: Db, rows: NewReading[]): Promise<Reading[]> {
  return db.insert(readings).values(rows).returning()
}

export async function voidReading(db: Db, readingId: number, reason: string, voidedAt: Date): Promise<void> {
  await db.insert(readingVoids).values({ readingId, reason, voidedAt })
}
