import { asc, desc, eq, getTableColumns } from 'drizzle-orm'
import type { LastCheck } from '@/core/measure/instrumentDoubt'
import type { Db } from '../client'
import { instrumentChecks, instruments, presses } from '../schema'

type InstrumentRow = typeof instruments.$inferSelect
export interface Instrument extends InstrumentRow {
  /** null: never checked */
  readonly lastCheck: LastCheck | null
}
export type NewInstrument = typeof instruments.$inferInsert
export type Press = typeof presses.$inferSelect
export type NewPress = typeof presses.$inferInsert

export function allInstruments(db: Db): Promise<Instrument[]> {
  const { instrumentId, nominalMm, driftMm, verdict, corrected, checkedAt, id } = instrumentChecks
  const last = db
    .selectDistinctOn([instrumentId], { instrumentId, nominalMm, driftMm, verdict, corrected, checkedAt })
    .from(instrumentChecks)
    .orderBy(instrumentId, desc(id))
    .as('last_check')
  return db
    .select({
      ...getTableColumns(instruments),
      lastCheck: {
        nominalMm: last.nominalMm,
        driftMm: last.driftMm,
        verdict: last.verdict,
        corrected: last.corrected,
        checkedAt: last.checkedAt,
      },
    })
    .from(instruments)
    .leftJoin(last, eq(last.instrumentId, instruments.id))
    .orderBy(asc(instruments.id))
}

export async function insertInstruments(db: Db, rows: NewInstrument[]): Promise<Instrument[]> {
  const stored = await db.insert(instruments).values(rows).returning()
  return stored.map((row) => ({ ...row, lastCheck: null }))
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
