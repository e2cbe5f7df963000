import { eq, lt } from 'drizzle-orm'
import type { Db } from '../client'
import { sentChanges } from '../schema'

/** A page that was closed on a Friday asks again on a Monday. */
const KEPT_MS = 4 * 24 * 3_600_000

/**
 * Takes a key for a change; within its transaction, so that both are stored or neither is.
 * @returns false where a change of this key is stored already
 */
export async function claimKey(tx: Db, key: string): Promise<boolean> {
  const taken = await tx.insert(sentChanges).values({ key }).onConflictDoNothing().returning()
  return taken.length > 0
}

/** Keeps what a change was answered with, for when it is sent once more. */
export async function keepAnswer(tx: Db, key: string, answer: unknown): Promise<void> {
  await tx.update(sentChanges).set({ answer }).where(eq(sentChanges.key, key))
}

/** What is kept of a change; undefined where none of this key is stored. */
export async function keptOf(db: Db, key: string) {
  const [row] = await db.select().from(sentChanges).where(eq(sentChanges.key, key))
  return row
}

/** Lets keys go that no page will send any more. */
export async function forgetKeys(db: Db, now: Date): Promise<void> {
  await db.delete(sentChanges).where(lt(sentChanges.at, new Date(now.getTime() - KEPT_MS)))
}
