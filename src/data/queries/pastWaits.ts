import { and, desc, eq, gt, inArray, isNotNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import type { PastWait } from '@/core/waits/pastWaits'
import type { Db } from '../client'
import { trays, trayTicks } from '../schema'
import { rowsBySheet } from './rowsUnder'

/** A wait with the tray it was waited on. */
export interface KeptPastWait extends PastWait {
  readonly trayId: number
}

const MINUTE_S = 60

/**
 * How long waits took on handed-back trays of each case sheet, the newest tray first: from the last time the step was
 * done to the word after it that the wait was over. One that was cut short says nothing of how long it takes.
 */
export async function pastWaitsOf(
  db: Db,
  caseSheetIds: readonly number[],
): Promise<Map<number, KeptPastWait[]>> {
  if (caseSheetIds.length === 0) return new Map()
  const over = alias(trayTicks, 'over')
  const step = sql<string>`substr(${over.subject}, ${'wait:'.length + 1}::int)`
  const started = sql`max(${trayTicks.at})`
  const rows = await db
    .select({
      caseSheetId: trays.caseSheetId,
      trayId: over.trayId,
      trayNumber: trays.number,
      step,
      minutes: sql<number>`date_part('epoch', ${over.at} - ${started}) / ${MINUTE_S}::int`,
    })
    .from(over)
    .innerJoin(trays, eq(trays.id, over.trayId))
    .innerJoin(
      trayTicks,
      and(
        eq(trayTicks.trayId, over.trayId),
        eq(trayTicks.done, true),
        gt(over.at, trayTicks.at),
        sql`${trayTicks.subject} = 'step:' || ${step}`,
      ),
    )
    .where(
      and(
        inArray(trays.caseSheetId, [...caseSheetIds]),
        isNotNull(trays.finishedAt),
        eq(over.done, true),
        sql`${over.subject} like 'wait:%'`,
      ),
    )
    .groupBy(trays.caseSheetId, trays.number, over.id, over.trayId, over.subject, over.at)
    .orderBy(desc(trays.number), desc(over.id))
  // Of a step that was done again on the same tray, the last time counts.
  const isLast = ({ trayId, step: of }: KeptPastWait, at: number) =>
    rows.findIndex((row) => row.trayId === trayId && row.step === of) === at
  return rowsBySheet(caseSheetIds, rows.filter(isLast))
}
