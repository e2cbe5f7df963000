import { asc, getTableColumns } from 'drizzle-orm'
import type { StockBezel, StockInsert, StockORing } from '@/core/stock/otherParts'
import type { Db } from '../client'
import { bezels, inserts, oRings, supplies } from '../schema'

export type NewORing = Omit<typeof oRings.$inferInsert, 'changed'>
export type NewBezel = Omit<typeof bezels.$inferInsert, 'changed'>
export type NewInsert = Omit<typeof inserts.$inferInsert, 'changed'>
export type NewSupply = Omit<typeof supplies.$inferInsert, 'changed'>

const { changed: _ofRing, ...oRingColumns } = getTableColumns(oRings)
const { changed: _ofBezel, ...bezelColumns } = getTableColumns(bezels)
const { changed: _ofInsert, ...insertColumns } = getTableColumns(inserts)

export function allORings(db: Db): Promise<StockORing[]> {
  return db
    .select(oRingColumns)
    .from(oRings)
    .orderBy(asc(oRings.sectionMm), asc(oRings.innerDiameterMm), asc(oRings.id))
}

export function allBezels(db: Db): Promise<StockBezel[]> {
  return db.select(bezelColumns).from(bezels).orderBy(asc(bezels.outerMm), asc(bezels.id))
}

export function allInserts(db: Db): Promise<StockInsert[]> {
  return db.select(insertColumns).from(inserts).orderBy(asc(inserts.outerMm), asc(inserts.id))
}

export async function insertORings(db: Db, rows: readonly NewORing[]): Promise<void> {
  await db.insert(oRings).values([...rows])
}

export async function insertBezels(db: Db, rows: readonly NewBezel[]): Promise<void> {
  await db.insert(bezels).values([...rows])
}

export async function insertInserts(db: Db, rows: readonly NewInsert[]): Promise<void> {
  await db.insert(inserts).values([...rows])
}

export async function insertSupplies(db: Db, rows: readonly NewSupply[]): Promise<void> {
  await db.insert(supplies).values([...rows])
}
