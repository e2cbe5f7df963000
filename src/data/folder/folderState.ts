import fs from 'node:fs'
import path from 'node:path'

/** Major version of PostgreSQL that the embedded engine is. */
export const ENGINE_VERSION = '18'

/** Files without which a folder is no database of the engine's, whatever else lies in it. */
const VERSION_FILE = 'PG_VERSION'
const NEEDED = [VERSION_FILE, 'global/pg_control']

/** Names shown of what was found, at most. */
const NAMED = 4

/** Thrown where a folder is not opened, because opening it could end what is in it. Nothing in it was touched. */
export class FolderRefusedError extends Error {
  readonly code = 'EFOLDER'
}

/**
 * What a data folder is: `new` where there is none or it is empty, `data` where it holds a database of this engine.
 * @throws FolderRefusedError for anything else, with what was found and what to do
 */
export function folderState(folder: string): 'new' | 'data' {
  const found = fs.lstatSync(folder, { throwIfNoEntry: false })
  if (!found) return 'new'
  if (found.isSymbolicLink())
    throw refused(
      folder,
      `is a link to ${fs.readlinkSync(folder)}; under two names two Whyalons could open it at once`,
      'Set WHYALON_DATA to the folder itself',
    )
  if (!found.isDirectory()) throw refused(folder, 'is a file', 'Set WHYALON_DATA to a folder')
  const names = fs.readdirSync(folder)
  if (names.length === 0) return 'new'
  const missing = NEEDED.filter((file) => !fs.existsSync(path.join(/*turbopackIgnore: true*/ folder, file)))
  if (missing.length > 0) {
    const more = names.length > NAMED ? ` and ${names.length - NAMED} more` : ''
    throw refused(
      folder,
      `holds ${names.sort().slice(0, NAMED).join(', ')}${more}, but no ${missing.join(' and no ')}: it is damaged, or something else`,
      'If the shop’s data was in it, copy it away before anything else, and restore a backup into a new folder; else set WHYALON_DATA to another one',
    )
  }
  const version = fs.readFileSync(path.join(/*turbopackIgnore: true*/ folder, VERSION_FILE), 'utf8').trim()
  if (version !== ENGINE_VERSION)
    throw refused(
      folder,
      `was written by version ${version.slice(0, 20)} of the database; this Whyalon reads version ${ENGINE_VERSION}`,
      'Use the Whyalon it was written by, or set WHYALON_DATA to another folder',
    )
  return 'data'
}

function refused(folder: string, found: string, whatToDo: string): FolderRefusedError {
  return new FolderRefusedError(`The data folder ${folder} ${found}. Nothing in it was changed. ${whatToDo}.`)
}
