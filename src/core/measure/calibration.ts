/** True when an instrument's calibration day has passed. @param dueOn - ISO date; null means no day was set */
export function isDue(dueOn: string | null, now: Date): boolean {
  return dueOn !== null && dueOn < now.toISOString().slice(0, 10)
}
