import { AsyncLocalStorage } from 'node:async_hooks'
import type { SeenTray } from '@/core/tray/staleness'
import type { Db } from '@/data/client'
import { claimKey, keepAnswer, keptOf } from '@/data/queries/sentChanges'
import { transact } from '@/data/transact'

/** As `crypto.randomUUID` makes them. */
const KEY = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/

/** What a page says that it knows of a tray; null where it is nothing of the kind. */
export function seenIn(given: unknown): SeenTray | null {
  if (typeof given !== 'object' || given === null || !('page' in given) || !('revision' in given)) return null
  const { page, revision } = given
  return isKey(page) && typeof revision === 'number' && Number.isInteger(revision) ? { page, revision } : null
}

export function isKey(given: unknown): given is string {
  return typeof given === 'string' && KEY.test(given)
}

/** How a page sends a change of a tray: under which key, and what it knows of the tray. */
export interface SentChange {
  readonly key: string
  /** null where the page did not say */
  readonly seen: SeenTray | null
}

const current = new AsyncLocalStorage<SentChange>()

/** How its page sent the change being made; null where a program makes it. */
export function changeSent(): SentChange | null {
  return current.getStore() ?? null
}

/** Makes a change under the key of its page: sent once more, it is not stored once more, see changeTray. */
export function underKey<T>(key: string, change: () => Promise<T>, seen: SeenTray | null = null): Promise<T> {
  return current.run({ key, seen }, change)
}

/** Ends a transaction in which nothing was to be kept. */
class NothingKept extends Error {
  constructor(readonly answer: unknown) {
    super('nothing kept')
  }
}

/**
 * Makes a change once, however often it is sent: key, change and answer are stored together, and what was answered is
 * answered again. What was refused is judged anew.
 */
export async function storedOnce<Answer extends { readonly ok: boolean }>(
  db: Db,
  key: string,
  change: (tx: Db) => Promise<Answer>,
): Promise<Answer> {
  try {
    return await transact(db, async (tx) => {
      // What was kept under this key is an answer of this very change.
      if (!(await claimKey(tx, key))) throw new NothingKept((await keptOf(tx, key))?.answer)
      const answer = await change(tx)
      if (!answer.ok) throw new NothingKept(answer)
      await keepAnswer(tx, key, answer)
      return answer
    })
  } catch (error) {
    if (error instanceof NothingKept) return error.answer as Answer
    throw error
  }
}
