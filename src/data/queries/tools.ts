import { asc, eq } from 'drizzle-orm'
import type { Die } from '@/core/dies/Die'
import type { Db } from '../client'
import { dies, instruments, presses } from '../schema'

export type Instrument = typeof instruments.$inferSelect
export type NewInstrument = typeof instruments.$inferInsert
export type Press = typeof presses.$inferSelect
export type NewPress = typeof presses.$inferInsert
export type NewDie = typeof dies.$inferInsert

export function allDies(db: Db): Promise<Die[]> {
  return db.select().from(dies).orderBy(asc(dies.role), asc(dies.outerDiameterMm), asc(dies.id))
}

export async function dieById(db: Db, id: number): Promise<Die | undefined> {
  return (await db.select().from(dies).where(eq(dies.id, id)))[0]
}

export async function insertDies(db: Db, rows: NewDie[]): Promise<void> {
  await db.insert(dies).values(rows)
}

/** @returns false when there is no such die */
export async function updateDie(db: Db, id: number, row: NewDie): Promise<boolean> {
  return (await db.update(dies).set(row).where(eq(dies.id, id)).returning({ id: dies.id })).length > 0
}

export function allInstruments(db: Db): Promise<Instrument[]> {
  return db.select().from(instruments).orderBy(asc(instruments.id))
}

export async function insertInstruments(db: Db, rows: NewInstrument[]): Promise<Instrument[]> {
  return db.insert(instruments).values(rows).returning()
}

/** @returns false when there is no such instrument */
export async function updateInstrument(db: Db, id: number, row: NewInstrument): Promise<boolean> {
  const changed = await db
    .update(instruments)
    .set(row)
    .where(eq(instruments.id, id))
    .returning({ id: instruments.id })
  return changed.length > 0
}

export function allPresses(db: Db): Promise<Press[]> {
  return db.select().from(presses).orderBy(asc(presses.id))
}

export async function insertPresses(db: Db, rows: NewPress[]): Promise<Press[]> {
  return db.insert(presses).values(rows).returning()
}

/** @returns false when there is no such press */
export async function updatePress(db: Db, id: number, row: NewPress): Promise<boolean> {
  return (
    (await db.update(presses).set(row).where(eq(presses.id, id)).returning({ id: presses.id })).length > 0
  )
}
