import fs from 'node:fs'
import { openStore } from '@/data/client'
import { insertCrystals } from '@/data/queries/stock'
import { startShop } from '@/services/shop/startShop'

/** A line of which nothing is there yet. */
export const ONE_LINE = {
  code: 'C-1',
  drawer: 'A 1',
  supplier: 'Lorne',
  supplierCode: '1',
  diameterMm: 30,
  edgeThicknessMm: 1,
  centreThicknessMm: 1,
  material: 'mineral',
  profile: 'flat',
  quantity: 0,
} as const

/** Lays down a shop with one line in its drawers. */
export async function newShop(folder: string): Promise<void> {
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(empty, folder, { recursive: true })
  const store = await openStore({ kind: 'folder', folder })
  await startShop(store.db)
  await insertCrystals(store.db, [ONE_LINE])
  await store.close()
}
