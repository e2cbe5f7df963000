/** Codes along an error's causes, outermost first: of the database (SQLSTATE) or of our own; Drizzle wraps both. */
function* codesOf(error: unknown): Generator<{ readonly code: string; readonly message: string }> {
  for (let at = error; typeof at === 'object' && at !== null; at = 'cause' in at ? at.cause : null)
    if ('code' in at && typeof at.code === 'string')
      yield { code: at.code, message: 'message' in at ? String(at.message) : '' }
}

/** True where an error, or one that caused it, has this code. */
export function isOfCode(error: unknown, code: string): boolean {
  return [...codesOf(error)].some((one) => one.code === code)
}

/** True when a row was refused because one like it exists. */
export function isUniqueViolation(error: unknown): boolean {
  const [outermost] = codesOf(error)
  return outermost?.code === '23505'
}

/** Errors that carry what to tell the person: another Whyalon holds the folder, it holds something else or less than was
 * stored, its disk is full. */
const TOLD = ['ELOCKED', 'EFOLDER', 'EFULL', 'ESUMS']

/** Errors of a server that was not reached at all: nothing was sent to it, so nothing was stored. */
const NOT_REACHED = ['ECONNREFUSED', 'ENOTFOUND', '57P03', '3D000', '28000', '28P01']

const DISK_FULL =
  'Not stored: the disk with the shop’s data is full. Make room and do it again; nothing has to be started anew.'

/** What to tell of an error of the shop's data, with what to do; null where nobody can do anything about it. */
export function dataTrouble(error: unknown): string | null {
  for (const { code, message } of codesOf(error)) {
    if (TOLD.includes(code)) return message
    if (code === '53100') return DISK_FULL
    if (NOT_REACHED.includes(code))
      return `The PostgreSQL server of DATABASE_URL does not let us in (${message || code}). Nothing was stored. Start it, or set DATABASE_URL right.`
  }
  return null
}
