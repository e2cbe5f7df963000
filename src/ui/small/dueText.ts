import { timePattern } from '@/core/units/clockForm'
import type { ShopTime } from '@/core/units/shopTime'
import { dayAfter, dayIn, textIn } from '@/core/units/shopTime'

/** “today 16:00”, “tomorrow 10:00”, “Thu 26 Nov 16:00”. @param iso - instant */
export function dueText(iso: string, { clock, zone }: ShopTime, now = new Date()): string {
  const due = new Date(iso)
  const time = textIn(zone, due, timePattern(clock))
  const day = dayIn(zone, due)
  if (day === dayIn(zone, now)) return `today ${time}`
  if (day === dayAfter(zone, now, 1)) return `tomorrow ${time}`
  return `${textIn(zone, due, 'EEE d MMM')} ${time}`
}

/** “24 Nov 2026”. @param iso - instant */
export function dayText(iso: string, { zone }: ShopTime): string {
  return textIn(zone, new Date(iso), 'd MMM yyyy')
}
