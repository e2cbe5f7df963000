import { desc, eq } from 'drizzle-orm'
import type { Db } from '../client'
import { instrumentChecks, instruments } from '../schema'

export type InstrumentCheck = typeof instrumentChecks.$inferSelect
export type NewInstrumentCheck = typeof instrumentChecks.$inferInsert

/** Every check ever made, the newest first. */
export function allInstrumentChecks(db: Db): Promise<InstrumentCheck[]> {
  return db.select().from(instrumentChecks).orderBy(desc(instrumentChecks.id))
}

export async function insertInstrumentCheck(db: Db, row: NewInstrumentCheck): Promise<void> {
  await db.insert(instrumentChecks).values(row)
}

export async function setZeroOffset(db: Db, instrumentId: number, zeroOffsetMm: number): Promise<void> {
  await db.update(instruments).set({ zeroOffsetMm }).where(eq(instruments.id, instrumentId))
}
