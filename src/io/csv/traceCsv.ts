import type { PressTrace } from '@/core/press-run/PressTrace'
import { csvText } from './csvText'

/** A press run's readings, one a line. */
export function traceCsv({ points }: PressTrace): string {
  return csvText(
    ['time_ms', 'travel_mm', 'force_n'],
    points.map((point) => [...point]),
  )
}
