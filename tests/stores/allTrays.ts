import { asc } from 'drizzle-orm'
import type { Db } from '@/data/client'
import { photos, pressRuns, readings, trays } from '@/data/schema'

/** Trays with their readings, runs and pictures' captions, as text to be compared. */
export async function allTrays(db: Db): Promise<string> {
  const kept = [
    await db.select().from(trays).orderBy(asc(trays.id)),
    await db.select().from(readings).orderBy(asc(readings.id)),
    await db.select().from(pressRuns).orderBy(asc(pressRuns.id)),
    await db.select({ caption: photos.caption }).from(photos).orderBy(asc(photos.id)),
  ]
  return JSON.stringify(kept)
}
