import { and, asc, eq, inArray } from 'drizzle-orm'
import type { Db } from '../client'
import { photos } from '../schema'
import { rowsByTray } from './rowsUnder'

export type NewPhoto = typeof photos.$inferInsert

/** What is kept with a picture beside its bytes, which are fetched one by one. */
export type KeptPhoto = Omit<typeof photos.$inferSelect, 'bytes'>

/** Pictures by tray, the oldest first. */
export async function photosOf(db: Db, trayIds: readonly number[]): Promise<Map<number, KeptPhoto[]>> {
  if (trayIds.length === 0) return new Map()
  const { id, trayId, caption, widthPx, heightPx, takenAt } = photos
  const rows = await db
    .select({ id, trayId, caption, widthPx, heightPx, takenAt })
    .from(photos)
    .where(inArray(trayId, [...trayIds]))
    .orderBy(asc(id))
  return rowsByTray(trayIds, rows)
}

export async function photoBytes(db: Db, id: number): Promise<Uint8Array | undefined> {
  return (await db.select({ bytes: photos.bytes }).from(photos).where(eq(photos.id, id)))[0]?.bytes
}

export async function insertPhoto(db: Db, row: NewPhoto): Promise<number> {
  const [stored] = await db.insert(photos).values(row).returning({ id: photos.id })
  if (!stored) throw new Error('the picture was not stored')
  return stored.id
}

/** @returns false when the tray has no such picture */
export async function deletePhoto(db: Db, trayId: number, id: number): Promise<boolean> {
  const gone = await db
    .delete(photos)
    .where(and(eq(photos.id, id), eq(photos.trayId, trayId)))
    .returning({ id: photos.id })
  return gone.length > 0
}
