const DATE = /^(\d{4})-(\d{2})-(\d{2})$/
const TIME = /^([01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,3})?)?(?:Z|[+-](?:0\d|1[0-4]):[0-5]\d)?$/

/** Years a shop writes down: others are slips of the hand. */
const LEAST_YEAR = 1900
const MOST_YEAR = 2199

/** True of a day there is, written as 2026-11-24: 30 February is none, though many a program takes it for 2 March. */
export function isDate(text: string): boolean {
  const [year = 0, month = 0, day = 0] = (DATE.exec(text) ?? []).slice(1).map(Number)
  const at = new Date(Date.UTC(year, month - 1, day))
  return year >= LEAST_YEAR && year <= MOST_YEAR && at.getUTCMonth() === month - 1 && at.getUTCDate() === day
}

/** True of a day there is with a time of it, written as 2026-11-24T16:00, with seconds or a zone where they are known. */
export function isDateTime(text: string): boolean {
  const [date = '', time = '', ...more] = text.split('T')
  return more.length === 0 && isDate(date) && TIME.test(time)
}
