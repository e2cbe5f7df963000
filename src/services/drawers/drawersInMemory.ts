import type { Die } from '@/core/dies/Die'
import type { StockIndex } from '@/core/fit/stockIndex'
import { mergedById, stockIndex, withChanges } from '@/core/fit/stockIndex'
import type { StockBezel, StockChapterRing, StockInsert, StockORing } from '@/core/stock/otherParts'
import type { Db } from '@/data/client'
import { stockChangesSince } from '@/data/queries/stockChanges'

/** The drawers laid out for searching. */
export interface DrawersInMemory {
  readonly index: StockIndex
  readonly oRings: readonly StockORing[]
  readonly bezels: readonly StockBezel[]
  readonly inserts: readonly StockInsert[]
  readonly chapterRings: readonly StockChapterRing[]
  /** by role, then size */
  readonly dies: readonly Die[]
}

interface Copy {
  readonly drawers: DrawersInMemory
  readonly horizon: number
}

const EMPTY: Copy = {
  drawers: { index: stockIndex([], []), oRings: [], bezels: [], inserts: [], chapterRings: [], dies: [] },
  horizon: 0,
}

// One copy a database, shared by all routes of this process: they are bundled apart.
const shared = globalThis as unknown as { __whyalonDrawers?: WeakMap<Db, Promise<Copy>> }

/**
 * The drawers laid out for searching, as they are now: read once, then brought up to date with the lines written since,
 * by this process or another.
 */
export async function drawersInMemory(db: Db): Promise<DrawersInMemory> {
  const copies = (shared.__whyalonDrawers ??= new WeakMap())
  // Each waits for the one before: two readers at once would both take the same changes in.
  const next = (copies.get(db) ?? Promise.resolve(EMPTY)).then((copy) => upToDate(db, copy))
  copies.set(db, next)
  try {
    return (await next).drawers
  } catch (error) {
    copies.delete(db)
    throw error
  }
}

async function upToDate(db: Db, { drawers, horizon }: Copy): Promise<Copy> {
  const { horizon: now, crystals, gaskets, ...others } = await stockChangesSince(db, horizon)
  const nothing = [crystals, gaskets, ...Object.values(others)].every(({ length }) => length === 0)
  if (nothing) return { drawers, horizon: now }
  const merged: DrawersInMemory = {
    index: withChanges(drawers.index, { crystals, gaskets }),
    oRings: mergedById(drawers.oRings, others.oRings),
    bezels: mergedById(drawers.bezels, others.bezels),
    inserts: mergedById(drawers.inserts, others.inserts),
    chapterRings: mergedById(drawers.chapterRings, others.chapterRings),
    dies: mergedById(drawers.dies, others.dies),
  }
  const asBefore = (Object.keys(merged) as (keyof DrawersInMemory)[]).every(
    (kind) => merged[kind] === drawers[kind],
  )
  return { drawers: asBefore ? drawers : merged, horizon: now }
}
