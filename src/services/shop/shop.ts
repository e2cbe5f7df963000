import 'server-only'
import type { Db, Store } from '@/data/client'
import { openStore } from '@/data/client'
import { dataTrouble } from '@/data/errors'
import { forgetKeys } from '@/data/queries/sentChanges'
import { backupsFolder, dataLocation } from '@/data/environment'
import { keepBackups } from './backups'
import { shopTime } from './shopTimes'
import { startShop } from './startShop'

export type ShopDb = Db

// On globalThis, so that a hot reload in development keeps the one handle that owns the folder.
const holder = globalThis as unknown as { whyalonStore?: Promise<Store> }

/** The shop's data, opened once a process. A failed opening is tried again at the next call. */
export async function getShop(): Promise<Db> {
  holder.whyalonStore ??= open().catch((error: unknown) => {
    delete holder.whyalonStore
    throw error
  })
  return (await holder.whyalonStore).db
}

async function open(): Promise<Store> {
  const location = dataLocation(process.env)
  const store = await openStore(location)
  await startShop(store.db)
  await forgetKeys(store.db, new Date())
  keepBackups(location, backupsFolder(process.env, location), async () => (await shopTime(store.db)).zone)
  return store
}

/** What to tell of an error of the shop's data, with what to do; null where nobody can do anything about it. */
export function troubleOfShop(error: unknown): string | null {
  return dataTrouble(error)
}
