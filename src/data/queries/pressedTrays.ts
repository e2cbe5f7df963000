import { and, asc, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import type { PressedTray } from '@/core/level/leanPasses'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import type { Db } from '../client'
import { pressRuns, readings, readingVoids } from '../schema'
import { isInvented } from './shopSettings'

/** A press is judged by its newest jobs: it is set right now and then. */
const NEWEST = 240

/** Trays whose pressing lay in a known way, with their runs and the heights of their rims. */
export async function pressedTrays(db: Db): Promise<PressedTray[]> {
  const laid = await db
    .select({ trayId: pressRuns.trayId })
    .from(pressRuns)
    .where(
      and(isNotNull(pressRuns.leftHour), eq(pressRuns.quarterTurns, 0), eq(pressRuns.work, 'crystal-in')),
    )
    .orderBy(desc(pressRuns.id))
    .limit(NEWEST)
  const trayIds = [...new Set(laid.map(({ trayId }) => trayId))]
  if (trayIds.length === 0) return []
  const { id, trayId, pressId, quarterTurns, leftHour, ranAt, cell } = pressRuns
  // Every crystal that was pressed in has its pick.
  const pickId = sql<number>`${pressRuns.pickId}`
  const [logged, heights, invented] = await Promise.all([
    db
      .select({ id, trayId, pressId, quarterTurns, leftHour, ranAt, pickId, cell })
      .from(pressRuns)
      .where(and(inArray(trayId, trayIds), eq(pressRuns.work, 'crystal-in')))
      .orderBy(asc(id)),
    db
      .select({
        trayId: readings.trayId,
        dimension: readings.dimension,
        placeIndex: readings.placeIndex,
        shownMm: readings.shownMm,
        zeroOffsetMm: readings.zeroOffsetMm,
        takenAt: readings.takenAt,
      })
      .from(readings)
      .leftJoin(readingVoids, eq(readingVoids.readingId, readings.id))
      .where(
        and(
          inArray(readings.trayId, trayIds),
          eq(readings.dimension, 'rim-height'),
          isNull(readingVoids.readingId),
        ),
      )
      .orderBy(asc(readings.id)),
    isInvented(db),
  ])
  const runs = logged.filter((run) => countsAsPressed(run.cell, invented))
  return trayIds.map((of) => ({
    runs: runs.filter((run) => run.trayId === of),
    readings: heights.filter((height) => height.trayId === of),
  }))
}
