import { checkRun, LEAST_READINGS } from './checkRun'
import type { PressVerdict } from './PressReading'
import type { PressRunPolicy } from './pressRunPolicy'
import type { PressTrace, TraceRow, TraceSource } from './PressTrace'
import { pointsOf, rowOf } from './PressTrace'
import { readPress } from './readPress'

/** What is kept of a run whose press has a cell. */
export interface TracedRun {
  readonly trace: PressTrace
  readonly verdict: PressVerdict
  /** null where it did not slide */
  readonly slideForceN: number | null
  readonly peakForceN: number
  readonly travelMm: number
}

const TRAVEL_STEPS = 100

/**
 * What a run's readings say of it: they are kept as far as they came in order, with why they end there.
 * @returns nothing where they are too few to say anything
 */
export function tracedRun(
  { source, points }: { readonly source: TraceSource; readonly points: readonly TraceRow[] },
  policy: PressRunPolicy,
): TracedRun | Record<string, never> {
  const { kept, trouble } = checkRun(pointsOf(points))
  if (kept.length < LEAST_READINGS) return {}
  const { verdict, peakN, slideN } = readPress(kept, policy)
  const travel = kept.map(({ travelMm }) => travelMm)
  const travelMm = Math.max(...travel) - (travel[0] ?? 0)
  return {
    trace: { formatVersion: 1, source, points: kept.map(rowOf), trouble },
    verdict,
    slideForceN: slideN === null ? null : Math.round(slideN),
    peakForceN: Math.round(peakN),
    travelMm: Math.round(travelMm * TRAVEL_STEPS) / TRAVEL_STEPS,
  }
}
