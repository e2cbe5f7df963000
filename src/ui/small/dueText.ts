import { format, isToday, isTomorrow } from 'date-fns'

/** “today 16:00”, “tomorrow 10:00”, “Thu 26 Nov 16:00”. @param iso - instant */
export function dueText(iso: string): string {
  const due = new Date(iso)
  if (isToday(due)) return `today ${format(due, 'HH:mm')}`
  if (isTomorrow(due)) return `tomorrow ${format(due, 'HH:mm')}`
  return format(due, 'EEE d MMM HH:mm')
}

/** “24 Nov 2026”. @param iso - instant or day */
export function dayText(iso: string): string {
  return format(new Date(iso), 'd MMM yyyy')
}
