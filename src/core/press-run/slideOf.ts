import type { LoadingCurve } from './loadingCurve'
import { median } from './loadingCurve'
import type { PressPhases } from './pressPhases'

/** One reading of the slide. */
export interface Slid {
  readonly atMm: number
  readonly forceN: number
}

/** Keeps off the end of the slide, mm. */
const OFF_END_MM = 0.02
/** Single readings of noise are smoothed over so many neighbours. */
const SMOOTHED = 2

/** What of a curve the crystal slides along. */
export function slideOf({ x, y }: LoadingCurve, { slideMm, homeMm }: PressPhases): Slid[] {
  if (slideMm === null) return []
  const until = homeMm === null ? Infinity : homeMm - OFF_END_MM
  return Array.from(x).flatMap((atMm, i) =>
    atMm >= slideMm && atMm <= until ? [{ atMm, forceN: y[i] ?? 0 }] : [],
  )
}

export function slideLevelN(slide: readonly Slid[]): number | null {
  return slide.length > 0 ? median(slide.map(({ forceN }) => forceN)) : null
}

/** The greatest fall along a slide. */
export interface Hump {
  readonly topMm: number
  readonly topN: number
  /** of the force it falls from */
  readonly share: number
}

export function humpOf(slide: readonly Slid[]): Hump {
  const smooth = slide.map((_, i) =>
    median(slide.slice(Math.max(0, i - SMOOTHED), i + SMOOTHED + 1).map(({ forceN }) => forceN)),
  )
  let best: Hump = { topMm: slide[0]?.atMm ?? 0, topN: 0, share: 0 }
  let [topN, topMm] = [0, 0]
  for (const [i, forceN] of smooth.entries()) {
    if (forceN > topN) [topN, topMm] = [forceN, slide[i]?.atMm ?? 0]
    const share = 1 - forceN / topN
    if (share > best.share) best = { topMm, topN, share }
  }
  return best
}
