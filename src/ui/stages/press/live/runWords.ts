import type { PressEnvelope } from '@/core/press-run/envelope'
import type { PressReading } from '@/core/press-run/PressReading'
import type { TraceRow } from '@/core/press-run/PressTrace'
import { capital } from '@/core/units/capital'
import { formatPercent } from '@/core/units/formatMm'

/** Of a press that is not read: how high it went. */
export function forceWords(rows: readonly TraceRow[], state: string): string {
  if (state === 'running') return 'Pressing'
  return `At most ${Math.round(Math.max(0, ...rows.map(([, , force]) => force)))} N`
}

/** What the eye falls on: a doubt is not outshone by a verdict that knows nothing of it. */
export function endWords(reading: PressReading, isSooner: boolean): string {
  return isSooner ? 'Home, but too soon' : capital(verdictWords(reading))
}

export function verdictWords({ verdict, probability }: PressReading): string {
  return `${verdict.replaceAll('-', ' ')}, ${formatPercent(probability)}`
}

/** Way left to where good runs of this case came home; null while contact is not seen, or where none tell. */
export function toGoMm(
  envelope: PressEnvelope | null,
  reading: PressReading | null,
  last: TraceRow | undefined,
): number | null {
  if (!last || envelope?.homeMm == null || reading?.contactMm == null || reading.homeMm !== null) return null
  return Math.max(0, reading.contactMm + envelope.homeMm - last[1])
}
