import { checkRun, LEAST_READINGS } from './checkRun'
import type { PressVerdict } from './PressReading'
import type { PressRunPolicy } from './pressRunPolicy'
import type { PressTrace, TraceRow, TraceSource } from './PressTrace'
import { pointsOf, rowOf } from './PressTrace'
import { readPress } from './readPress'

/** What is kept of a run whose press has a cell. */
export interface TracedRun {
  readonly trace: PressTrace
  readonly cell: TraceSource
  /** null where only a crystal that goes in could be read */
  readonly verdict: PressVerdict | null
  /** null where it did not slide */
  readonly slideForceN: number | null
  readonly peakForceN: number
  readonly travelMm: number
}

const TRAVEL_STEPS = 100

/**
 * What a run's readings say of it: they are kept as far as they came in order, with why they end there.
 * @param goesIn - a crystal goes in: contact, slide and home are read of no other press
 * @returns nothing where they are too few to say anything
 */
export function tracedRun(
  { source, points }: { readonly source: TraceSource; readonly points: readonly TraceRow[] },
  policy: PressRunPolicy,
  goesIn = true,
): TracedRun | Record<string, never> {
  const { kept, trouble } = checkRun(pointsOf(points))
  if (kept.length < LEAST_READINGS) return {}
  const reading = goesIn ? readPress(kept, policy) : null
  const slideN = reading?.slideN ?? null
  const peakN = reading?.peakN ?? Math.max(...kept.map(({ forceN }) => forceN))
  const travel = kept.map(({ travelMm }) => travelMm)
  const travelMm = Math.max(...travel) - (travel[0] ?? 0)
  return {
    trace: { formatVersion: 1, source, points: kept.map(rowOf), trouble },
    cell: source,
    verdict: reading?.verdict ?? null,
    slideForceN: slideN === null ? null : Math.round(slideN),
    peakForceN: Math.round(peakN),
    travelMm: Math.round(travelMm * TRAVEL_STEPS) / TRAVEL_STEPS,
  }
}
