const HOUR = 60
const DAY = 24 * HOUR

/** “20 min”, “1 h 30 min”, “1 day”. */
export function minutesText(minutes: number): string {
  if (minutes >= DAY && minutes % DAY === 0) return minutes === DAY ? '1 day' : `${minutes / DAY} days`
  const [hours, rest] = [Math.floor(minutes / HOUR), minutes % HOUR]
  return [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(' ')
}
