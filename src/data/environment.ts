import path from 'node:path'
import Joi from 'joi'

interface Environment {
  DATABASE_URL?: string
  WHYALON_DATA: string
}

const schema = Joi.object<Environment>({
  DATABASE_URL: Joi.string()
    .uri({ scheme: ['postgres', 'postgresql'] })
    .empty(''),
  WHYALON_DATA: Joi.string().min(1).default('whyalon-data'),
}).unknown(true)

export type DataLocation = { kind: 'server'; url: string } | { kind: 'folder'; folder: string }

/**
 * Where the shop's data lives, from the environment.
 * @throws Error naming the variable, its value and what to set
 */
export function dataLocation(environment: Readonly<Record<string, string | undefined>>): DataLocation {
  const checked = schema.validate(environment, { abortEarly: false })
  if (checked.error) {
    throw new Error(
      `The environment is not usable: ${checked.error.message}. Set DATABASE_URL to postgres://user@host/name, or leave it out and set WHYALON_DATA to a folder.`,
    )
  }
  const { DATABASE_URL, WHYALON_DATA } = checked.value
  if (DATABASE_URL) return { kind: 'server', url: DATABASE_URL }
  return { kind: 'folder', folder: path.resolve(/*turbopackIgnore: true*/ WHYALON_DATA) }
}

/**
 * Where backups go, from the environment: beside the data unless WHYALON_BACKUPS names another folder.
 * @returns null where it says “off”
 */
export function backupsFolder(
  environment: Readonly<Record<string, string | undefined>>,
  location: DataLocation,
): string | null {
  const named = environment.WHYALON_BACKUPS?.trim() ?? ''
  if (named === 'off') return null
  if (named !== '') return path.resolve(/*turbopackIgnore: true*/ named)
  return location.kind === 'folder'
    ? `${location.folder}-backups`
    : path.resolve(/*turbopackIgnore: true*/ 'whyalon-backups')
}

const holdSchema = Joi.number().integer().min(20).max(10_000).empty('').default(700)

/**
 * How long a simulated instrument takes to be put on, ms: as a hand would, unless WHYALON_HOLD_MS says 20–10 000.
 * @throws Error naming the variable, its value and its limits
 */
export function simulatedHoldMs(environment: Readonly<Record<string, string | undefined>>): number {
  const checked = holdSchema.validate(environment.WHYALON_HOLD_MS)
  if (checked.error)
    throw new Error(
      `WHYALON_HOLD_MS: “${environment.WHYALON_HOLD_MS ?? ''}” is no time. Set it to 20–10000 ms, or leave it out.`,
    )
  return checked.value
}

const paceSchema = Joi.number().min(0.1).max(1000).empty('').default(1)

/**
 * How fast simulated presses are played: 1 as a hand presses.
 * @throws Error for a pace that is none
 */
export function pressPace(environment: Readonly<Record<string, string | undefined>>): number {
  const checked = paceSchema.validate(environment.WHYALON_PRESS_PACE)
  if (checked.error)
    throw new Error(
      `WHYALON_PRESS_PACE: “${environment.WHYALON_PRESS_PACE ?? ''}” is no pace. Set it to 0.1–1000, or leave it out.`,
    )
  return checked.value
}
