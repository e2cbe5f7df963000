import type { PressPoint } from './PressPoint'
import { median } from './loadingCurve'

/** A force that was lost at once. */
export interface SuddenDrop {
  readonly atMm: number
  /** share of the force that was lost */
  readonly share: number
}

/** A crack lets go within so much way and time, mm and ms. Common practice for the way; the time from memory. */
const WITHIN_MM = 0.05
const WITHIN_MS = 160
/** Less than this breaks no glass, N. From memory. */
const LEAST_FORCE_N = 40
/** Readings that make up the force before. */
const SIDE = 3
/** A force that sinks over some way loses no more than this share of the loss from one reading to the next but one. */
const AT_ONCE = 0.65
/** Readings over which a loss that is none at once goes on. */
const AROUND = 4
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
  const force = (i: number) => (points[i]?.forceN ?? 0) - zeroN
  const middle = (from: number, to: number) =>
    median(range(Math.max(0, from), Math.min(points.length - 1, to)).map(force))
  for (let i = 0; i + 1 < points.length; i++) {
    const [at, next] = [points[i], points[i + 1]]
    if (!at || !next || next.tMs - at.tMs > WITHIN_MS || next.travelMm - at.travelMm > WITHIN_MM) continue
    if (force(i) - force(i + 1) < leastN / 2) continue
    // A reading may fall into the very moment: from just before it to just after it.
    const before = Math.max(force(i), middle(i - SIDE + 1, i))
    const after = i + 2 < points.length ? (force(i + 1) + force(i + 2)) / 2 : force(i + 1)
    if (before < LEAST_FORCE_N) continue
    const lost = force(i) - Math.min(force(i + 1), force(Math.min(points.length - 1, i + 2)))
    const share = (before - after) / before
    if (before - after < leastN || share < leastShare) continue
    const highest = Math.max(...range(Math.max(0, i - AROUND), i).map(force))
    const lowest = Math.min(...range(i + 1, Math.min(points.length - 1, i + 1 + AROUND)).map(force))
    if (lost < AT_ONCE * (highest - lowest)) continue
    if (isLettingGo(points, i)) continue
    if (!found || share > found.share) found = { atMm: at.travelMm, share }
  }
  return found
}

/** Travel that goes back right after, or just before: the hand lets go, or is on its way down again. */
function isLettingGo(points: readonly PressPoint[], i: number): boolean {
  const at = points[i]
  if (!at) return false
  const deepest = Math.max(...points.slice(0, i + 1).map(({ travelMm }) => travelMm))
  if (at.travelMm < deepest - BACK_MM) return true
  return points
    .slice(i + 1)
    .some(({ tMs, travelMm }) => tMs - at.tMs < BACK_BY_MS && travelMm < at.travelMm - BACK_MM)
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => from + k)
}
