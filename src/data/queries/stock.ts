import { and, asc, between, count, eq, gt, sql } from 'drizzle-orm'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { Db } from '../client'
import { crystals, gaskets } from '../schema'

export type NewCrystal = typeof crystals.$inferInsert
export type NewGasket = typeof gaskets.$inferInsert

export function allCrystals(db: Db): Promise<StockCrystal[]> {
  return db
    .select()
    .from(crystals)
    .orderBy(asc(crystals.diameterMm), asc(crystals.edgeThicknessMm), asc(crystals.id))
}

/** Crystals whose diameter lies in a range, in stock or not. */
export function crystalsBetween(db: Db, leastMm: number, mostMm: number): Promise<StockCrystal[]> {
  return db
    .select()
    .from(crystals)
    .where(between(crystals.diameterMm, leastMm, mostMm))
    .orderBy(asc(crystals.diameterMm))
}

export function allGaskets(db: Db): Promise<StockGasket[]> {
  return db.select().from(gaskets).orderBy(asc(gaskets.outerDiameterMm), asc(gaskets.wallMm), asc(gaskets.id))
}

export async function crystalById(db: Db, id: number): Promise<StockCrystal | undefined> {
  return (await db.select().from(crystals).where(eq(crystals.id, id)))[0]
}

export async function gasketById(db: Db, id: number): Promise<StockGasket | undefined> {
  return (await db.select().from(gaskets).where(eq(gaskets.id, id)))[0]
}

/** Edge thicknesses the crystal drawers hold, mm. */
export async function stockedThicknesses(db: Db): Promise<number[]> {
  const rows = await db
    .selectDistinct({ mm: crystals.edgeThicknessMm })
    .from(crystals)
    .where(gt(crystals.quantity, 0))
  return rows.map((row) => row.mm)
}

/** How many crystal-with-gasket pairs the drawers hold. */
export async function pairsInStock(db: Db): Promise<number> {
  const [row] = await db
    .select({
      crystals: count(),
      gaskets: sql<number>`(select count(*) from ${gaskets} where ${gaskets.quantity} > 0)`.mapWith(Number),
    })
    .from(crystals)
    .where(gt(crystals.quantity, 0))
  return (row?.crystals ?? 0) * (row?.gaskets ?? 0)
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

/** @returns false when there is no such crystal */
export async function updateCrystal(db: Db, id: number, row: NewCrystal): Promise<boolean> {
  return (
    (await db.update(crystals).set(row).where(eq(crystals.id, id)).returning({ id: crystals.id })).length > 0
  )
}

/** @returns false when there is no such gasket */
export async function updateGasket(db: Db, id: number, row: NewGasket): Promise<boolean> {
  return (
    (await db.update(gaskets).set(row).where(eq(gaskets.id, id)).returning({ id: gaskets.id })).length > 0
  )
}

/** Takes one crystal out of its drawer. @returns false when the drawer was empty */
export async function takeCrystal(db: Db, id: number): Promise<boolean> {
  const taken = await db
    .update(crystals)
    .set({ quantity: sql`${crystals.quantity} - 1` })
    .where(and(eq(crystals.id, id), gt(crystals.quantity, 0)))
    .returning({ id: crystals.id })
  return taken.length > 0
}

/** Takes one gasket out of its drawer. @returns false when the drawer was empty */
export async function takeGasket(db: Db, id: number): Promise<boolean> {
  const taken = await db
    .update(gaskets)
    .set({ quantity: sql`${gaskets.quantity} - 1` })
    .where(and(eq(gaskets.id, id), gt(gaskets.quantity, 0)))
    .returning({ id: gaskets.id })
  return taken.length > 0
}
