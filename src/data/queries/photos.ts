import { and, asc, count, eq } from 'drizzle-orm'
import type { Db } from '../client'
import { photos } from '../schema'

export type NewPhoto = typeof photos.$inferInsert

/** What a page needs to show a tray's pictures; their bytes are fetched one by one. */
export function photosOfTray(db: Db, trayId: number) {
  const { id, caption, widthPx, heightPx, takenAt } = photos
  return db
    .select({ id, caption, widthPx, heightPx, takenAt })
    .from(photos)
    .where(eq(photos.trayId, trayId))
    .orderBy(asc(id))
}

export async function countPhotos(db: Db, trayId: number): Promise<number> {
  return (await db.select({ n: count() }).from(photos).where(eq(photos.trayId, trayId)))[0]?.n ?? 0
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
