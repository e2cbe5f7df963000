import type { PressEnvelope } from '@/core/press-run/envelope'
import { pressEnvelope } from '@/core/press-run/envelope'
import type { PressReading, PressVerdict } from '@/core/press-run/PressReading'
import { pointsOf } from '@/core/press-run/PressTrace'
import type { TraceRow, TraceSource } from '@/core/press-run/PressTrace'
import { readPress } from '@/core/press-run/readPress'
import type { Db } from '@/data/client'
import { goodTracesOf, traceOfRun } from '@/data/queries/pressTraces'
import { traceCsv } from '@/io/csv/traceCsv'
import { shopRules } from '../shop/shopPolicy'
import { openTrayCase } from './openTrayCases'

/** A kept run as its page shows it. */
export interface TraceView {
  readonly points: readonly TraceRow[]
  readonly source: TraceSource
  readonly trouble: string | null
  /** by the shop's limits as they are now; null where it was no crystal that went in */
  readonly reading: PressReading | null
  /** by those of the day it was logged; null where it was not read then */
  readonly readThen: PressVerdict | null
}

/** @returns null where there is no such run, or no readings of its cell were kept */
export async function traceView(db: Db, runId: number): Promise<TraceView | null> {
  const kept = await traceOfRun(db, runId)
  if (!kept) return null
  const { policy } = await shopRules(db)
  const { points, source, trouble } = kept.trace
  return {
    points,
    source,
    trouble,
    reading: kept.work === 'crystal-in' ? readPress(pointsOf(points), policy.pressRun) : null,
    readThen: kept.verdict,
  }
}

export async function traceFile(db: Db, runId: number): Promise<{ name: string; text: string } | null> {
  const kept = await traceOfRun(db, runId)
  if (!kept) return null
  return { name: `press-run-${kept.trayNumber}-${runId}.csv`, text: traceCsv(kept.trace) }
}

/** What good runs of the tray's case looked like on other trays. @returns null where there is no such tray */
export async function envelopeOf(db: Db, trayId: number): Promise<PressEnvelope | null> {
  const opened = await openTrayCase(db, { id: trayId })
  if (!opened) return null
  return pressEnvelope(await goodTracesOf(db, opened.kept.sheet.id, trayId))
}
