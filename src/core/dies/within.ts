/** Die sizes are decimal fractions: without slack 29.5 is outside 29.0 + 0.5 in the last bit, mm. */
const SLACK_MM = 1e-9

/** True from `leastMm` on, the limit itself included. */
export function reaches(valueMm: number, leastMm: number): boolean {
  return valueMm >= leastMm - SLACK_MM
}

/** True from `leastMm` to `mostMm`, both included. */
export function within(valueMm: number, leastMm: number, mostMm: number): boolean {
  return reaches(valueMm, leastMm) && reaches(mostMm, valueMm)
}
