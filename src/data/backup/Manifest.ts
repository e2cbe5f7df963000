import Joi from 'joi'
import type { TableSum } from './dumpSql'

/** Of the way backups are written; another one is another number. */
export const BACKUP_FORMAT = 1

/** What a backup says of itself. */
export interface Manifest {
  readonly format: number
  /** ISO time of the state it holds */
  readonly madeAt: string
  /** name of the newest migration its tables have */
  readonly schema: string
  readonly tables: readonly TableSum[]
  /** every other file in it, with its size in bytes and its SHA-256, hex */
  readonly files: readonly { readonly name: string; readonly bytes: number; readonly sha256: string }[]
}

/** Thrown where a file is no backup, or not whole; nothing was restored. */
export class BackupRefusedError extends Error {
  readonly code = 'EBACKUP'
}

/** Names a backup may hold: nothing in it can lead out of its folder. */
export const MANIFEST_FILE = 'manifest.json'
export const SCHEMA_FILE = 'schema.sql'
export const ROWS_FILE = 'rows.sql'

const sum = Joi.string()
  .pattern(/^[0-9a-f]{64}$/)
  .required()
const count = Joi.number().integer().min(0).required()

const schema = Joi.object<Manifest>({
  format: Joi.number().integer().required(),
  madeAt: Joi.string().isoDate().required(),
  schema: Joi.string().max(200).required(),
  tables: Joi.array()
    .items(Joi.object({ table: Joi.string().max(200).required(), rows: count, sha256: sum }))
    .required(),
  files: Joi.array()
    .items(Joi.object({ name: Joi.string().max(200).required(), bytes: count, sha256: sum }))
    .required(),
})

/**
 * Reads what a backup says of itself.
 * @param known - names of the migrations this version knows
 * @throws BackupRefusedError where it is not readable, or of a newer version
 */
export function manifestOf(text: string, known: readonly string[]): Manifest {
  const { format, ...manifest } = parsed(text)
  if (format !== BACKUP_FORMAT)
    throw new BackupRefusedError(
      `The backup is written in form ${format}; this Whyalon reads form ${BACKUP_FORMAT}. Use a newer Whyalon.`,
    )
  if (!known.includes(manifest.schema))
    throw new BackupRefusedError(
      `The backup has tables as of “${manifest.schema}”, which this Whyalon does not know. Use the Whyalon it was made by, or a newer one.`,
    )
  return { format, ...manifest }
}

function parsed(text: string): Manifest {
  let given: unknown
  try {
    given = JSON.parse(text)
  } catch {
    throw new BackupRefusedError('The backup’s manifest cannot be read: it is damaged. Use another backup.')
  }
  const checked = schema.validate(given, { convert: false })
  if (checked.error)
    throw new BackupRefusedError(
      `The backup’s manifest is not as it should be (${checked.error.message}): it is damaged, or something else.`,
    )
  return checked.value
}
