import type { Db } from '../client'
import { shopSettings } from '../schema'
import { transact } from '../transact'

export type ShopSettings = typeof shopSettings.$inferSelect
export type ShopSettingsChange = Partial<Omit<ShopSettings, 'id'>>

const ONLY_ROW = 1

/** @returns null while nothing was ever set */
export async function shopSettingsRow(db: Db): Promise<ShopSettings | null> {
  return (await db.select().from(shopSettings).limit(1))[0] ?? null
}

/** Is it a world that was made up to be looked at? */
export async function isInvented(db: Db): Promise<boolean> {
  return (await shopSettingsRow(db))?.invented ?? false
}

/** Lays down that nothing is set yet, so that what is set first has something before it. */
export async function startShopSettings(db: Db): Promise<void> {
  if ((await shopSettingsRow(db)) === null) await changeShopSettings(db, { levelBarMm: null })
}

/** Sets what is given and leaves the rest. */
export async function changeShopSettings(db: Db, change: ShopSettingsChange): Promise<void> {
  await transact(db, (tx) =>
    tx
      .insert(shopSettings)
      .values({ id: ONLY_ROW, ...change })
      .onConflictDoUpdate({ target: shopSettings.id, set: change }),
  )
}
