import { scaleLinear } from 'd3-scale'
import type { PressEnvelope } from '@/core/press-run/envelope'
import type { TraceRow } from '@/core/press-run/PressTrace'

/** Room of the chart, CSS px. */
export interface ChartSize {
  readonly width: number
  readonly height: number
}

const MARGIN = { left: 44, right: 10, top: 14, bottom: 26 }
const LEAST_TRAVEL_MM = 1.2
const LEAST_FORCE_N = 120
/** Room over the highest force, share. */
const OVER = 1.12
/** And beyond the end of the way, share: the rise onto a seat must not stand at the edge. */
const BEYOND = 1.08

/** Scales of force over travel that hold a run, the envelope behind it and the force expected. */
export function pressScales(
  rows: readonly TraceRow[],
  envelope: PressEnvelope | null,
  { expectedMostN, contactMm }: { readonly expectedMostN: number; readonly contactMm: number },
  { width, height }: ChartSize,
) {
  const travel = rows.map(([, mm]) => mm)
  const force = rows.map(([, , n]) => n)
  const last = envelope?.points.at(-1)
  const mostMm = BEYOND * Math.max(LEAST_TRAVEL_MM, ...travel, last ? contactMm + last.atMm : 0)
  const highest = envelope?.points.map(({ mostN }) => mostN) ?? []
  const mostN = OVER * Math.max(LEAST_FORCE_N, expectedMostN, ...force, ...highest)
  return {
    x: scaleLinear([Math.min(0, ...travel), mostMm], [MARGIN.left, width - MARGIN.right]),
    y: scaleLinear([Math.min(0, ...force), mostN], [height - MARGIN.bottom, MARGIN.top]),
  }
}

/** As far past zero as a pusher usually hangs free, before its contact is seen, mm. */
export const USUAL_CONTACT_MM = 0.3
