import type { PressPoint } from './PressPoint'
import { median } from './loadingCurve'

/** A force that was lost at once. */
export interface SuddenDrop {
  readonly atMm: number
  /** share of the force that was lost */
  readonly share: number
}

/**
 * A crack lets go within .05 mm (common practice), and between two readings: of a quick hand they lie further apart.
 * mm and ms, from memory
 */
const WITHIN_MM = 0.09
const WITHIN_MS = 160
/** Less than this breaks no glass, N. From memory. */
const LEAST_FORCE_N = 40
/** Readings that make up the force before. */
const SIDE = 3
/** A force that sinks over some way loses no more than this share of the loss from one reading to the next but one. */
const AT_ONCE = 0.65
/** Readings over which a loss that is none at once goes on. */
const AROUND = 4
/** Share of a force that is there again when a hand that let go is back, and how far further down that is seen, mm. */
const COMES_BACK = 0.7
const DOWN_AGAIN_MM = 0.03
/** A hand that lets go is on its way back by then, ms, by so much, mm; and little of the force is left by then. */
const BACK_BY_MS = 200
const BACK_MM = 0.015

/**
 * The greatest loss of force at once that is no letting go, no rest, no slip and no crystal that tips in; null where
 * none is.
 * @param zeroN - of the cell
 */
export function suddenDrop(
  points: readonly PressPoint[],
  zeroN: number,
  { leastShare, leastN }: { readonly leastShare: number; readonly leastN: number },
): SuddenDrop | null {
  let found: SuddenDrop | null = null
  let deepest = -Infinity
  const force = (i: number) => (points[i]?.forceN ?? 0) - zeroN
  const middle = (from: number, to: number) =>
    median(range(Math.max(0, from), Math.min(points.length - 1, to)).map(force))
  for (let i = 0; i + 1 < points.length; i++) {
    const [at, next] = [points[i], points[i + 1]]
    if (!at || !next) continue
    deepest = Math.max(deepest, at.travelMm)
    // The hand let go before, and is not down again.
    if (at.travelMm < deepest - BACK_MM) continue
    if (next.tMs - at.tMs > WITHIN_MS || next.travelMm - at.travelMm > WITHIN_MM) continue
    if (force(i) - force(i + 1) < leastN / 2) continue
    // A reading may fall into the very moment: from just before it to just after it.
    const before = Math.max(force(i), middle(i - SIDE + 1, i))
    if (before < LEAST_FORCE_N) continue
    const after = Math.min(force(i + 1), force(Math.min(points.length - 1, i + 2)))
    const lost = force(i) - after
    const share = (before - after) / before
    if (before - after < leastN || share < leastShare) continue
    const highest = Math.max(...range(Math.max(0, i - AROUND), i).map(force))
    const lowest = Math.min(...range(i + 1, Math.min(points.length - 1, i + 1 + AROUND)).map(force))
    if (lost < AT_ONCE * (highest - lowest)) continue
    if (isLettingGo(points, i) && !staysLost(points, i, zeroN + COMES_BACK * before)) continue
    if (!found || share > found.share) found = { atMm: at.travelMm, share }
  }
  return found
}

/** Travel goes back right after. */
function isLettingGo(points: readonly PressPoint[], i: number): boolean {
  const at = points[i]
  return (
    at !== undefined &&
    points
      .slice(i + 1)
      .some(({ tMs, travelMm }) => tMs - at.tMs < BACK_BY_MS && travelMm < at.travelMm - BACK_MM)
  )
}

/** Once the pusher is down again where the force was lost, and further, it is not there again. */
function staysLost(points: readonly PressPoint[], i: number, leastN: number): boolean {
  const atMm = points[i]?.travelMm ?? 0
  let deepest = atMm + DOWN_AGAIN_MM
  const beyond: number[] = []
  for (const { travelMm, forceN } of points.slice(i + 1)) {
    if (travelMm < deepest || travelMm > atMm + 3 * DOWN_AGAIN_MM) continue
    deepest = travelMm
    beyond.push(forceN)
  }
  return beyond.length >= SIDE && median(beyond) < leastN
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => from + k)
}
