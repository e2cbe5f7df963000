import { and, count, eq, gt, lt } from 'drizzle-orm'
import type { Db } from '../client'
import { sentChanges } from '../schema'

/** A page that was closed on a Friday asks again on a Monday. */
const KEPT_MS = 4 * 24 * 3_600_000

/** A change of a tray, by the page that sent it. */
export interface ChangeOfTray {
  readonly trayId: number
  /** null where the page gave none */
  readonly page: string | null
  /** the revision it makes */
  readonly revision: number
}

/** How many changes of a tray a page made since a revision of it. */
export async function changesByPage(db: Db, trayId: number, page: string, since: number): Promise<number> {
  const [found] = await db
    .select({ made: count() })
    .from(sentChanges)
    .where(and(eq(sentChanges.trayId, trayId), eq(sentChanges.page, page), gt(sentChanges.revision, since)))
  return found?.made ?? 0
}

/**
 * Takes a key for a change; within its transaction, so that both are stored or neither is.
 * @returns false where a change of this key is stored already
 */
export async function claimKey(tx: Db, key: string, of: ChangeOfTray | null = null): Promise<boolean> {
  const taken = await tx
    .insert(sentChanges)
    .values({ key, ...of })
    .onConflictDoNothing()
    .returning({ key: sentChanges.key })
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
