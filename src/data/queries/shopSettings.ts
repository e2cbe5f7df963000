import type { Db } from '../client'
import { shopSettings } from '../schema'

export type ShopSettings = typeof shopSettings.$inferSelect
export type ShopSettingsChange = Partial<Omit<ShopSettings, 'id'>>

const ONLY_ROW = 1

/** @returns null while nothing was ever set */
export async function shopSettingsRow(db: Db): Promise<ShopSettings | null> {
  return (await db.select().from(shopSettings).limit(1))[0] ?? null
}

/** Sets what is given and leaves the rest. */
export async function changeShopSettings(db: Db, change: ShopSettingsChange): Promise<void> {
  await db
    .insert(shopSettings)
    .values({ id: ONLY_ROW, ...change })
    .onConflictDoUpdate({ target: shopSettings.id, set: change })
}
