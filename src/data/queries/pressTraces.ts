import { and, desc, eq, isNotNull, ne } from 'drizzle-orm'
import type { PressVerdict } from '@/core/press-run/PressReading'
import type { PressTrace } from '@/core/press-run/PressTrace'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import type { PressWork } from '@/core/press/pressWorks'
import type { Db } from '../client'
import { pressRuns, trays } from '../schema'
import { isInvented } from './shopSettings'

/** The envelope is that of the newest good runs: presses and hands change. */
const NEWEST = 30

export interface KeptTrace {
  readonly trace: PressTrace
  readonly verdict: PressVerdict | null
  readonly trayNumber: number
  readonly work: PressWork
}

/** The readings of one run's cell; undefined where there is no such run, or none were kept. */
export async function traceOfRun(db: Db, runId: number): Promise<KeptTrace | undefined> {
  const [row] = await db
    .select({
      trace: pressRuns.trace,
      verdict: pressRuns.verdict,
      work: pressRuns.work,
      trayNumber: trays.number,
    })
    .from(pressRuns)
    .innerJoin(trays, eq(trays.id, pressRuns.trayId))
    .where(eq(pressRuns.id, runId))
  return row?.trace ? { ...row, trace: row.trace } : undefined
}

/** The newest good runs of a case on other trays, as far as they count as pressed. */
export async function goodTracesOf(db: Db, sheetId: number, butTrayId: number): Promise<PressTrace[]> {
  const invented = await isInvented(db)
  const rows = await db
    .select({ trace: pressRuns.trace, cell: pressRuns.cell })
    .from(pressRuns)
    .innerJoin(trays, eq(trays.id, pressRuns.trayId))
    .where(
      and(
        eq(trays.caseSheetId, sheetId),
        ne(pressRuns.trayId, butTrayId),
        eq(pressRuns.work, 'crystal-in'),
        eq(pressRuns.verdict, 'good'),
        isNotNull(pressRuns.trace),
      ),
    )
    .orderBy(desc(pressRuns.id))
    .limit(NEWEST)
  return rows.flatMap(({ trace, cell }) => (trace && countsAsPressed(cell, invented) ? [trace] : []))
}
