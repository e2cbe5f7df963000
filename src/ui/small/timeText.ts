import { formatDistanceStrict } from 'date-fns'
import { timePattern } from '@/core/units/clockForm'
import type { ShopTime } from '@/core/units/shopTime'
import { dayIn, textIn } from '@/core/units/shopTime'
import { minutesText } from '@/core/units/minutesText'

/** “10:42” today, “23 Nov 10:42” on another day. */
export function clockText(iso: string, { clock, zone }: ShopTime, now = new Date()): string {
  const at = new Date(iso)
  const isToday = dayIn(zone, at) === dayIn(zone, now)
  return textIn(zone, at, `${isToday ? '' : 'd MMM '}${timePattern(clock)}`)
}

/** “3 hours” since then. */
export function sinceText(iso: string, now = new Date()): string {
  return formatDistanceStrict(new Date(iso), now)
}

const ROUGH_MINUTES = 5

/** “about 2 h”: a plan is not known to the minute. */
export function aboutText(minutes: number): string {
  return `about ${minutesText(Math.max(ROUGH_MINUTES, Math.round(minutes / ROUGH_MINUTES) * ROUGH_MINUTES))}`
}
