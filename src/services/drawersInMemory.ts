import type { StockIndex } from '@/core/fit/stockIndex'
import { stockIndex, withChanges } from '@/core/fit/stockIndex'
import type { Db } from '@/data/client'
import { stockChangesSince } from '@/data/queries/stock'

interface Copy {
  readonly index: StockIndex
  readonly horizon: number
}

// One copy a database, shared by all routes of this process: they are bundled apart.
const shared = globalThis as unknown as { __whyalonDrawers?: WeakMap<Db, Promise<Copy>> }

/**
 * The drawers laid out for searching, as they are now: read once, then brought up to date with the lines written since,
 * by this process or another.
 */
export async function drawersInMemory(db: Db): Promise<StockIndex> {
  const copies = (shared.__whyalonDrawers ??= new WeakMap())
  // Each waits for the one before: two readers at once would both take the same changes in.
  const next = (copies.get(db) ?? Promise.resolve({ index: stockIndex([], []), horizon: 0 })).then((copy) =>
    upToDate(db, copy),
  )
  copies.set(db, next)
  try {
    return (await next).index
  } catch (error) {
    copies.delete(db)
    throw error
  }
}

async function upToDate(db: Db, { index, horizon }: Copy): Promise<Copy> {
  const { horizon: now, ...changed } = await stockChangesSince(db, horizon)
  const nothing = changed.crystals.length === 0 && changed.gaskets.length === 0
  return { index: nothing ? index : withChanges(index, changed), horizon: now }
}
