import { format, isToday, isTomorrow } from 'date-fns'
import type { ClockForm } from '@/core/units/clockForm'
import { timePattern } from '@/core/units/clockForm'

/** “today 16:00”, “tomorrow 10:00”, “Thu 26 Nov 16:00”. @param iso - instant */
export function dueText(iso: string, clock: ClockForm): string {
  const due = new Date(iso)
  const time = format(due, timePattern(clock))
  if (isToday(due)) return `today ${time}`
  if (isTomorrow(due)) return `tomorrow ${time}`
  return `${format(due, 'EEE d MMM')} ${time}`
}

/** “24 Nov 2026”. @param iso - instant or day */
export function dayText(iso: string): string {
  return format(new Date(iso), 'd MMM yyyy')
}
