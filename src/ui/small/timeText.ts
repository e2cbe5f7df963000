import { format, formatDistanceStrict, isSameDay } from 'date-fns'

/** “10:42” today, “23 Nov 10:42” on another day. */
export function clockText(iso: string, now = new Date()): string {
  const at = new Date(iso)
  return format(at, isSameDay(at, now) ? 'HH:mm' : 'd MMM HH:mm')
}

/** “3 hours” since then. */
export function sinceText(iso: string, now = new Date()): string {
  return formatDistanceStrict(new Date(iso), now)
}

const HOUR = 60
const DAY = 24 * HOUR

/** “20 min”, “1 h 30 min”, “1 day”. */
export function minutesText(minutes: number): string {
  if (minutes >= DAY && minutes % DAY === 0) return minutes === DAY ? '1 day' : `${minutes / DAY} days`
  const [hours, rest] = [Math.floor(minutes / HOUR), minutes % HOUR]
  return [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(' ')
}

const ROUGH_MINUTES = 5

/** “about 2 h”: a plan is not known to the minute. */
export function aboutText(minutes: number): string {
  return `about ${minutesText(Math.max(ROUGH_MINUTES, Math.round(minutes / ROUGH_MINUTES) * ROUGH_MINUTES))}`
}
