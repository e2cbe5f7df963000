import { asc, inArray } from 'drizzle-orm'
import type { StepSaid } from '@/core/procedure/StepQuestion'
import type { Db } from '../client'
import { trayTicks } from '../schema'

/** What was ticked on a tray: when, ISO time, and what was said of it; what was taken back is left out. */
export interface TicksOfTray {
  readonly ticks: Readonly<Record<string, string>>
  readonly said: Readonly<Record<string, StepSaid>>
}

export const NO_TICKS: TicksOfTray = { ticks: {}, said: {} }

/** Standing ticks of several trays, by tray id. */
export async function ticksOf(db: Db, trayIds: readonly number[]): Promise<Map<number, TicksOfTray>> {
  const byTray = new Map(
    trayIds.map((id) => [id, { ticks: new Map<string, string>(), said: new Map<string, StepSaid>() }]),
  )
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(trayTicks)
    .where(inArray(trayTicks.trayId, [...trayIds]))
    .orderBy(asc(trayTicks.id))
  for (const row of rows) {
    const of = byTray.get(row.trayId)
    const at = row.at.toISOString()
    if (row.done) of?.ticks.set(row.subject, at)
    else of?.ticks.delete(row.subject)
    if (row.said) of?.said.set(row.subject, { words: row.said, good: row.done, at })
    else of?.said.delete(row.subject)
  }
  return new Map(
    [...byTray].map(([id, { ticks, said }]) => [
      id,
      { ticks: Object.fromEntries(ticks), said: Object.fromEntries(said) },
    ]),
  )
}

export async function insertTick(
  db: Db,
  row: { trayId: number; subject: string; done: boolean; at: Date; said?: string },
): Promise<void> {
  await db.insert(trayTicks).values(row)
}
