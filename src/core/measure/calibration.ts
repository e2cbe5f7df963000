/**
 * True when an instrument's calibration day has passed.
 * @param dueOn - “2026-11-24”; null means no day was set
 * @param today - the shop's day, the same way
 */
export function isDue(dueOn: string | null, today: string): boolean {
  return dueOn !== null && dueOn < today
}
