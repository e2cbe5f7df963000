import { loadingCurve, median } from './loadingCurve'
import { pressPhases } from './pressPhases'
import type { PressTrace } from './PressTrace'
import { pointsOf } from './PressTrace'

/** Force that good runs of a case had so far past contact. */
export interface EnvelopePoint {
  /** past contact, mm */
  readonly atMm: number
  readonly leastN: number
  readonly mostN: number
}

/** What good runs of a case looked like. */
export interface PressEnvelope {
  readonly runs: number
  readonly points: readonly EnvelopePoint[]
  /** past contact, mm: the middle of where they came home */
  readonly homeMm: number | null
  /** by which that scatters from run to run, mm, one standard deviation of what the middle half says; 0 for one run */
  readonly homeSpreadMm: number
}

const STEP_MM = 0.02
const MOST_MM = 3

/** Least and most force of good runs over the way past contact; runs whose contact is not seen are left out. */
export function pressEnvelope(traces: readonly PressTrace[]): PressEnvelope {
  const runs = traces.flatMap(({ points }) => {
    const curve = loadingCurve(pointsOf(points))
    const { contactMm, homeMm } = pressPhases(curve)
    return contactMm === null ? [] : [{ curve, contactMm, homeMm }]
  })
  const points: EnvelopePoint[] = []
  for (let atMm = -0.1; atMm <= MOST_MM; atMm += STEP_MM) {
    const forces = runs.flatMap(({ curve, contactMm }) => {
      const force = forceAt(curve.x, curve.y, contactMm + atMm)
      return force === null ? [] : [force]
    })
    // Where most have ended, the few that went on show nothing.
    if (forces.length * 2 < runs.length || forces.length === 0) continue
    points.push({ atMm, leastN: Math.min(...forces), mostN: Math.max(...forces) })
  }
  const homes = runs.flatMap(({ homeMm, contactMm }) => (homeMm === null ? [] : [homeMm - contactMm]))
  const homeMm = homes.length > 0 ? median(homes) : null
  return { runs: runs.length, points, homeMm, homeSpreadMm: spreadOf(homes, homeMm) }
}

/** Of a normal distribution: standard deviation over median absolute deviation. */
const MAD_TO_SIGMA = 1.4826

/** One run that had something under it does not make the others look scattered. */
function spreadOf(values: readonly number[], middle: number | null): number {
  return middle === null ? 0 : MAD_TO_SIGMA * median(values.map((value) => Math.abs(value - middle)))
}

/** Force at a place, between its neighbours in proportion; null beyond the curve. */
function forceAt(x: Float64Array, y: Float64Array, at: number): number | null {
  const next = x.findIndex((value) => value >= at)
  if (next < 0) return null
  const [x1, y1, x0, y0] = [x[next] ?? 0, y[next] ?? 0, x[next - 1], y[next - 1]]
  if (x0 === undefined || y0 === undefined) return y1
  return x1 === x0 ? y1 : y0 + ((y1 - y0) * (at - x0)) / (x1 - x0)
}
