/** Sizes are decimal fractions: without slack 10.015 − 10 is more than 0.015 in the last bit, mm. */
const SLACK_MM = 1e-9

/** True from `leastMm` on, the limit itself included. */
export function reaches(valueMm: number, leastMm: number): boolean {
  return valueMm >= leastMm - SLACK_MM
}

/** True from `leastMm` to `mostMm`, both included. */
export function within(valueMm: number, leastMm: number, mostMm: number): boolean {
  return reaches(valueMm, leastMm) && reaches(mostMm, valueMm)
}
