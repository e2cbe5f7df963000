import { asc, inArray } from 'drizzle-orm'
import type { OwnerWords } from '@/core/letter/OwnerLetter'
import type { Db } from '../client'
import { ownerWords } from '../schema'
import { rowsByTray } from './rowsUnder'

/** What stands written to each tray's owner, by the key of its line. */
export async function ownerWordsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, OwnerWords>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(ownerWords)
    .where(inArray(ownerWords.trayId, [...trayIds]))
    .orderBy(asc(ownerWords.id))
  return new Map(
    [...rowsByTray(trayIds, rows)].map(([trayId, said]) => {
      const last = new Map(said.map(({ key, words }) => [key, words]))
      return [trayId, Object.fromEntries([...last].filter((one): one is [string, string] => one[1] !== null))]
    }),
  )
}

export async function insertOwnerWords(db: Db, row: typeof ownerWords.$inferInsert): Promise<void> {
  await db.insert(ownerWords).values(row)
}
