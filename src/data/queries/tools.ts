import { asc, eq } from 'drizzle-orm'
import type { Db } from '../client'
import { instruments, presses } from '../schema'

export type Instrument = typeof instruments.$inferSelect
export type NewInstrument = typeof instruments.$inferInsert
export type Press = typeof presses.$inferSelect
export type NewPress = typeof presses.$inferInsert

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
