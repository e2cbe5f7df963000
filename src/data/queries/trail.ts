import { and, asc, desc, eq, inArray, ne } from 'drizzle-orm'
import { NO_PLACE } from '@/core/trail/partsTrail'
import type { TrailEvent } from '@/core/trail/partsTrail'
import type { Db } from '../client'
import { trailEvents, trays } from '../schema'

type TrailRow = typeof trailEvents.$inferSelect
export type NewTrailEvent = typeof trailEvents.$inferInsert

/** Everything recorded on a tray's trail, in order. */
export async function trailOfTray(db: Db, trayId: number): Promise<TrailEvent[]> {
  const rows = await db
    .select()
    .from(trailEvents)
    .where(eq(trailEvents.trayId, trayId))
    .orderBy(asc(trailEvents.id))
  return rows.map(eventOf)
}

/** Trails of the newest other trays of a case sheet, newest first. */
export async function pastTrails(
  db: Db,
  caseSheetId: number,
  exceptTrayId: number,
  most: number,
): Promise<TrailEvent[][]> {
  const withTrail = await db
    .selectDistinct({ id: trays.id })
    .from(trays)
    .innerJoin(trailEvents, eq(trailEvents.trayId, trays.id))
    .where(and(eq(trays.caseSheetId, caseSheetId), ne(trays.id, exceptTrayId)))
    .orderBy(desc(trays.id))
    .limit(most)
  if (withTrail.length === 0) return []
  const ids = withTrail.map((t) => t.id)
  const rows = await db
    .select()
    .from(trailEvents)
    .where(inArray(trailEvents.trayId, ids))
    .orderBy(asc(trailEvents.id))
  return ids.map((id) => rows.filter((row) => row.trayId === id).map(eventOf))
}

export async function insertTrailEvents(db: Db, rows: NewTrailEvent[]): Promise<void> {
  await db.insert(trailEvents).values(rows)
}

function eventOf(row: TrailRow): TrailEvent {
  const at = row.at.toISOString()
  const { id, kind, count, reason } = row
  switch (kind) {
    case 'off': {
      if (row.part === null) throw new Error(`trail event ${id} names no part`)
      const { part, size, clockHour, photoId, photoX, photoY } = row
      return { ...NO_PLACE, id, at, kind, part, count, size, clockHour, photoId, photoX, photoY }
    }
    case 'undo':
      return { id, at, kind, undoes: referenceOf(row) }
    default:
      return { id, at, kind, offId: referenceOf(row), count, reason }
  }
}

function referenceOf({ id, refersTo }: TrailRow): number {
  if (refersTo === null) throw new Error(`trail event ${id} answers nothing`)
  return refersTo
}
