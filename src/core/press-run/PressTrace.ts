import type { PressPoint } from './PressPoint'

export const TRACE_SOURCES = ['simulated', 'bridge'] as const
export type TraceSource = (typeof TRACE_SOURCES)[number]

/** One reading as it is kept and sent: ms, mm, N. */
export type TraceRow = readonly [tMs: number, travelMm: number, forceN: number]

/** A run as a press's cell sent it, whole. */
export interface PressTrace {
  readonly formatVersion: 1
  readonly source: TraceSource
  readonly points: readonly TraceRow[]
  /** why it ends where it does, where that was no hand; null else */
  readonly trouble: string | null
}

export function pointsOf(rows: readonly TraceRow[]): PressPoint[] {
  return rows.map(([tMs, travelMm, forceN]) => ({ tMs, travelMm, forceN }))
}

export function rowOf({ tMs, travelMm, forceN }: PressPoint): TraceRow {
  return [tMs, travelMm, forceN]
}
