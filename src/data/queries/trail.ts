import { asc, desc, eq, getTableColumns, inArray, sql } from 'drizzle-orm'
import { NO_PLACE } from '@/core/trail/partsTrail'
import type { TrailEvent } from '@/core/trail/partsTrail'
import type { Db } from '../client'
import { trailEvents, trays } from '../schema'
import { rowsAsJson } from './rowsAsJson'
import { rowsBySheet, rowsByTray } from './rowsUnder'

type TrailRow = typeof trailEvents.$inferSelect
export type NewTrailEvent = typeof trailEvents.$inferInsert

/** Everything recorded on each tray's trail, in order. */
export async function trailsOf(db: Db, trayIds: readonly number[]): Promise<Map<number, TrailEvent[]>> {
  if (trayIds.length === 0) return new Map()
  const rows = await db
    .select()
    .from(trailEvents)
    .where(inArray(trailEvents.trayId, [...trayIds]))
    .orderBy(asc(trailEvents.id))
  return new Map([...rowsByTray(trayIds, rows)].map(([id, own]) => [id, own.map(eventOf)]))
}

/** One tray's trail, among those of its case sheet. */
export interface PastTrail {
  readonly trayId: number
  readonly events: readonly TrailEvent[]
}

/**
 * The newest trails of each case sheet, newest tray first.
 * @param most - trails a sheet
 */
export async function newestTrailsOf(
  db: Db,
  caseSheetIds: readonly number[],
  most: number,
): Promise<Map<number, PastTrail[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const place = sql<number>`row_number() over (partition by ${trays.caseSheetId} order by ${trays.id} desc)`
  const newest = db
    .select({ id: trays.id, caseSheetId: trays.caseSheetId, place: place.as('place') })
    .from(trays)
    .where(
      sql`${trays.caseSheetId} in ${[...caseSheetIds]} and exists (select 1 from ${trailEvents} where ${trailEvents.trayId} = ${trays.id})`,
    )
    .as('newest')
  const rows = await db
    .select({
      caseSheetId: newest.caseSheetId,
      trayId: newest.id,
      events: rowsAsJson(getTableColumns(trailEvents), trailEvents.id),
    })
    .from(newest)
    .innerJoin(trailEvents, eq(trailEvents.trayId, newest.id))
    .where(sql`${newest.place} <= ${most}`)
    .groupBy(newest.caseSheetId, newest.id)
    .orderBy(desc(newest.id))
  return rowsBySheet(
    caseSheetIds,
    rows.map(({ events, ...row }) => ({ ...row, events: events.map(eventOf) })),
  )
}

/** @returns what was recorded, as the trail holds it */
export async function insertTrailEvents(db: Db, rows: readonly NewTrailEvent[]): Promise<TrailEvent[]> {
  if (rows.length === 0) return []
  const stored = await db
    .insert(trailEvents)
    .values([...rows])
    .returning()
  return stored.map(eventOf)
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
