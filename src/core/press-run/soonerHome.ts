import type { PressEnvelope } from './envelope'
import type { PressReading } from './PressReading'

/** Fewer good runs tell no usual way. From memory. */
const LEAST_RUNS = 5
/** Runs of one case differ by their spread: what lies beyond so much of it, and is at least so much, mm, is told. */
const BEYOND_SPREAD = 2.5
const LEAST_SOONER_MM = 0.05

/** How much sooner a crystal came to lie, mm, and how far good runs of its case differ, standard deviation, mm. */
export interface SoonerHome {
  readonly mm: number
  readonly spreadMm: number
}

/**
 * How much sooner a crystal came to lie than in good runs of its case: something lies under it, or it is thicker.
 * @returns null where it is no more than runs differ by, or where too few tell
 */
export function soonerHome(
  { contactMm, homeMm }: Pick<PressReading, 'contactMm' | 'homeMm'>,
  envelope: Pick<PressEnvelope, 'runs' | 'homeMm' | 'homeSpreadMm'> | null,
): SoonerHome | null {
  if (contactMm === null || homeMm === null || !envelope || envelope.homeMm === null) return null
  if (envelope.runs < LEAST_RUNS) return null
  const spreadMm = envelope.homeSpreadMm
  const mm = envelope.homeMm - (homeMm - contactMm)
  return mm >= Math.max(LEAST_SOONER_MM, BEYOND_SPREAD * spreadMm) ? { mm, spreadMm } : null
}
