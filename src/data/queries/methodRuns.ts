import { and, asc, eq, isNull } from 'drizzle-orm'
import type { Db } from '../client'
import { methodRuns, trays } from '../schema'

export type NewMethodRun = typeof methodRuns.$inferInsert

/** Everything in use on the bench now, with the tray it is used on. */
export function openMethodRuns(db: Db) {
  return db
    .select({
      id: methodRuns.id,
      trayId: methodRuns.trayId,
      trayNumber: trays.number,
      process: methodRuns.process,
      scope: methodRuns.scope,
      startedAt: methodRuns.startedAt,
    })
    .from(methodRuns)
    .innerJoin(trays, eq(trays.id, methodRuns.trayId))
    .where(isNull(methodRuns.endedAt))
    .orderBy(asc(methodRuns.id))
}

export type OpenMethodRun = Awaited<ReturnType<typeof openMethodRuns>>[number]

export async function insertMethodRun(db: Db, row: NewMethodRun): Promise<void> {
  await db.insert(methodRuns).values(row)
}

/** @returns false when the tray has no such method open */
export async function endMethodRun(db: Db, trayId: number, id: number, at: Date): Promise<boolean> {
  const ended = await db
    .update(methodRuns)
    .set({ endedAt: at })
    .where(and(eq(methodRuns.id, id), eq(methodRuns.trayId, trayId), isNull(methodRuns.endedAt)))
    .returning({ id: methodRuns.id })
  return ended.length > 0
}
