import { asc, getTableColumns, inArray } from 'drizzle-orm'
import type { Die } from '@/core/dies/Die'
import type { StockBezel, StockChapterRing, StockInsert, StockORing } from '@/core/stock/otherParts'
import type { Db } from '../client'
import { bezels, chapterRings, dies, inserts, oRings, supplies } from '../schema'

export type NewORing = Omit<typeof oRings.$inferInsert, 'changed'>
export type NewBezel = Omit<typeof bezels.$inferInsert, 'changed'>
export type NewInsert = Omit<typeof inserts.$inferInsert, 'changed'>
export type NewChapterRing = Omit<typeof chapterRings.$inferInsert, 'changed'>
export type NewDie = Omit<typeof dies.$inferInsert, 'changed'>
export type NewSupply = Omit<typeof supplies.$inferInsert, 'changed'>

const { changed: _ofRing, ...oRingColumns } = getTableColumns(oRings)
const { changed: _ofBezel, ...bezelColumns } = getTableColumns(bezels)
const { changed: _ofInsert, ...insertColumns } = getTableColumns(inserts)
const { changed: _ofChapterRing, ...chapterRingColumns } = getTableColumns(chapterRings)
const { changed: _ofDie, ...dieColumns } = getTableColumns(dies)

export function allORings(db: Db): Promise<StockORing[]> {
  return db
    .select(oRingColumns)
    .from(oRings)
    .orderBy(asc(oRings.sectionMm), asc(oRings.innerDiameterMm), asc(oRings.id))
}

export function allBezels(db: Db): Promise<StockBezel[]> {
  return db.select(bezelColumns).from(bezels).orderBy(asc(bezels.outerMm), asc(bezels.id))
}

export async function bezelsByIds(db: Db, ids: readonly number[]): Promise<StockBezel[]> {
  return ids.length === 0
    ? []
    : db
        .select(bezelColumns)
        .from(bezels)
        .where(inArray(bezels.id, [...ids]))
}

export function allInserts(db: Db): Promise<StockInsert[]> {
  return db.select(insertColumns).from(inserts).orderBy(asc(inserts.outerMm), asc(inserts.id))
}

export function allChapterRings(db: Db): Promise<StockChapterRing[]> {
  return db
    .select(chapterRingColumns)
    .from(chapterRings)
    .orderBy(asc(chapterRings.outerMm), asc(chapterRings.id))
}

export function allDies(db: Db): Promise<Die[]> {
  return db.select(dieColumns).from(dies).orderBy(asc(dies.role), asc(dies.outerDiameterMm), asc(dies.id))
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

export async function insertChapterRings(db: Db, rows: readonly NewChapterRing[]): Promise<void> {
  await db.insert(chapterRings).values([...rows])
}

export async function insertDies(db: Db, rows: readonly NewDie[]): Promise<void> {
  await db.insert(dies).values([...rows])
}

export async function insertSupplies(db: Db, rows: readonly NewSupply[]): Promise<void> {
  await db.insert(supplies).values([...rows])
}
