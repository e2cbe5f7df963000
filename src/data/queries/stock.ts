import { and, asc, eq, getTableColumns, gt } from 'drizzle-orm'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { Db } from '../client'
import { crystals, gaskets } from '../schema'

export type NewCrystal = Omit<typeof crystals.$inferInsert, 'changed'>
export type NewGasket = Omit<typeof gaskets.$inferInsert, 'changed'>

const { changed: _ofCrystal, ...crystalColumns } = getTableColumns(crystals)
const { changed: _ofGasket, ...gasketColumns } = getTableColumns(gaskets)

export function allCrystals(db: Db): Promise<StockCrystal[]> {
  return db
    .select(crystalColumns)
    .from(crystals)
    .orderBy(asc(crystals.diameterMm), asc(crystals.edgeThicknessMm), asc(crystals.id))
}

export function allGaskets(db: Db): Promise<StockGasket[]> {
  return db
    .select(gasketColumns)
    .from(gaskets)
    .orderBy(asc(gaskets.outerDiameterMm), asc(gaskets.wallMm), asc(gaskets.id))
}

/** Edge thicknesses of which at least one crystal of a build is there, mm, each once. */
export async function stockedEdgesOf(db: Db, build: StockCrystal['build']): Promise<number[]> {
  const rows = await db
    .selectDistinct({ mm: crystals.edgeThicknessMm })
    .from(crystals)
    .where(and(eq(crystals.build, build), gt(crystals.quantity, 0)))
  return rows.map(({ mm }) => mm)
}

export async function crystalById(db: Db, id: number): Promise<StockCrystal | undefined> {
  return (await db.select(crystalColumns).from(crystals).where(eq(crystals.id, id)))[0]
}

export async function gasketById(db: Db, id: number): Promise<StockGasket | undefined> {
  return (await db.select(gasketColumns).from(gaskets).where(eq(gaskets.id, id)))[0]
}

export async function insertCrystals(db: Db, rows: NewCrystal[]): Promise<void> {
  // One statement takes at most 65 535 parameters on a PostgreSQL server.
  for (let from = 0; from < rows.length; from += 1000)
    await db.insert(crystals).values(rows.slice(from, from + 1000))
}

export async function insertGaskets(db: Db, rows: NewGasket[]): Promise<void> {
  for (let from = 0; from < rows.length; from += 1000)
    await db.insert(gaskets).values(rows.slice(from, from + 1000))
}
