/** How a shop writes the time of day: 16:00, or 4:00 PM. */
export type ClockForm = '24-hour' | '12-hour'

export const CLOCK_FORMS: readonly ClockForm[] = ['24-hour', '12-hour']

/** Where nobody chose: no reading of “4:00” at a bench may be taken for the wrong half of the day. */
export const USUAL_CLOCK: ClockForm = '24-hour'

const TIME_PATTERNS: Readonly<Record<ClockForm, string>> = { '24-hour': 'HH:mm', '12-hour': 'h:mm a' }

/** The time of day as a pattern of Unicode’s date symbols (UTS #35), as the date package reads them. */
export function timePattern(clock: ClockForm): string {
  return TIME_PATTERNS[clock]
}
