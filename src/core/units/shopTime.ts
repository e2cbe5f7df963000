import { TZDate } from '@date-fns/tz'
import { addDays, format, parse, startOfDay } from 'date-fns'
import type { ClockForm } from './clockForm'

/** How a shop writes times, and whose days it goes by. */
export interface ShopTime {
  readonly clock: ClockForm
  /** name of a time zone in the IANA database: “Europe/Lisbon” */
  readonly zone: string
}

/** How a day and time are kept in a form: of the shop's clock, without a zone. */
const WALL = "yyyy-MM-dd'T'HH:mm"
const DAY = 'yyyy-MM-dd'

/** The time zone of this machine. */
export function machineZone(): string {
  return new Intl.DateTimeFormat().resolvedOptions().timeZone
}

/** True of a time zone this machine knows. */
export function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}

/** An instant as a clock in a zone shows it. @param pattern - Unicode's date symbols (UTS #35) */
export function textIn(zone: string, at: Date, pattern: string): string {
  return format(new TZDate(at, zone), pattern)
}

/** The day of an instant in a zone: “2026-11-24”. */
export function dayIn(zone: string, at: Date): string {
  return textIn(zone, at, DAY)
}

/** So many days later in a zone: “2026-11-25”. */
export function dayAfter(zone: string, at: Date, days: number): string {
  return format(addDays(new TZDate(at, zone), days), DAY)
}

/** When the day of an instant began in a zone: not always 24 h before the next one. */
export function dayStartIn(zone: string, at: Date): Date {
  return new Date(startOfDay(new TZDate(at, zone)).getTime())
}

/** An instant as a form keeps it. */
export function wallOf(zone: string, at: Date): string {
  return textIn(zone, at, WALL)
}

/**
 * The instant at which a clock in a zone shows what a form keeps. Of an hour that comes twice the first; of one that is
 * left out, as much later as the clock is put forward.
 * @returns null where nothing is kept
 */
export function instantOf(zone: string, wall: string): Date | null {
  if (wall === '') return null
  const found = parse(wall, WALL, new TZDate(0, zone)).getTime()
  if (Number.isNaN(found)) return null
  // Which of the two hours the package finds depends on the machine's own zone.
  const first = SET_BACK_MS.map((ms) => found - ms).find((ms) => wallOf(zone, new Date(ms)) === wall)
  return new Date(first ?? found)
}

/** By so much clocks are set back, ms: an hour, on Lord Howe Island half of one. */
const SET_BACK_MS = [3_600_000, 1_800_000]
