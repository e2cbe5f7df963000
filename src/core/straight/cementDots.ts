import { requireInteger } from '../guard/require'

/** Fewer let a ring tip, more are squeezed out under the dial. Common practice. */
export const LEAST_DOTS = 3
export const MOST_DOTS = 6
/** What a shop takes that says nothing else. */
export const USUAL_DOTS = 4

const FULL_TURN_DEG = 360
/** Hour marks and figures are printed at every hour. */
const PRINTED_EVERY_DEG = 30

/**
 * Where dots of cement go under a chapter ring: at even angles, as far from what is printed at the hours as these allow.
 * @param count - LEAST_DOTS to MOST_DOTS
 * @returns degrees clockwise from 12
 * @example cementDots(4) // 15, 105, 195, 285: at half past 12, 3, 6 and 9
 */
export function cementDots(count: number): number[] {
  requireInteger('count', count, { min: LEAST_DOTS, max: MOST_DOTS })
  const stepDeg = FULL_TURN_DEG / count
  const from = (startDeg: number) => Array.from({ length: count }, (_, i) => startDeg + i * stepDeg)
  const clearance = (startDeg: number) => Math.min(...from(startDeg).map(offPrintDeg))
  const starts = Array.from({ length: 2 * PRINTED_EVERY_DEG }, (_, i) => i / 2)
  return from(starts.reduce((best, start) => (clearance(start) > clearance(best) ? start : best), 0))
}

/** How far a direction is from the nearest hour, degrees. */
function offPrintDeg(directionDeg: number): number {
  const into = directionDeg % PRINTED_EVERY_DEG
  return Math.min(into, PRINTED_EVERY_DEG - into)
}
