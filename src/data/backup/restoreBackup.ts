import fs from 'node:fs'
import path from 'node:path'
import readline from 'node:readline'
import * as tar from 'tar'
import type { Connection } from '../Connection'
import { dumpRows, ROW_FILE } from './dumpSql'
import type { Manifest } from './Manifest'
import { BackupRefusedError, MANIFEST_FILE, manifestOf, ROWS_FILE, SCHEMA_FILE } from './Manifest'
import { sealSums } from '../sums/checkSums'
import { filesUnder, sumOf } from './writeBackup'

/** A backup holds no more than this once it is unpacked: more is a trap, bytes. */
const MOST_BYTES = 20_000_000_000
const MOST_FILES = 200_000
/** Statements are sent together up to this many characters. */
const AT_ONCE = 1_000_000

/** As a backup packed again by hand names it. */
const ROW_FOLDER = 'photos/'
const KNOWN_FILES: readonly string[] = [MANIFEST_FILE, SCHEMA_FILE, ROWS_FILE]

/**
 * Unpacks a backup into an empty folder and checks all of it against its manifest.
 * @param migrations - names of those this version knows
 * @throws BackupRefusedError where it is damaged, of a newer version, or holds what no backup holds
 */
export async function unpackBackup(
  file: string,
  into: string,
  migrations: readonly string[],
): Promise<Manifest> {
  let [files, bytes] = [0, 0]
  const refuse = (why: string): never => {
    throw new BackupRefusedError(`${path.basename(file)}: ${why}. Nothing was restored.`)
  }
  let strange: string | null = null
  try {
    await tar.extract({
      file,
      cwd: into,
      strict: true,
      preservePaths: false,
      filter: (name, entry) => {
        files++
        bytes += entry.size
        const type = 'type' in entry ? entry.type : null
        const isFile = type === 'File' && (KNOWN_FILES.includes(name) || ROW_FILE.test(name))
        if (!isFile && !(type === 'Directory' && name === ROW_FOLDER))
          strange ??= `holds “${name.slice(0, 80)}”, which no backup holds`
        if (files > MOST_FILES || bytes > MOST_BYTES) strange ??= 'unpacks to more than any shop has'
        return strange === null
      },
    })
  } catch (error) {
    refuse(`cannot be unpacked, it is damaged or cut short (${error instanceof Error ? error.message : ''})`)
  }
  if (strange !== null) refuse(strange)
  if (!fs.existsSync(path.join(into, MANIFEST_FILE))) refuse('has no manifest: it is no backup, or cut short')
  const manifest = manifestOf(fs.readFileSync(path.join(into, MANIFEST_FILE), 'utf8'), migrations)
  const found = filesUnder(into).filter((name) => name !== MANIFEST_FILE)
  const stated = manifest.files.map(({ name }) => name)
  const missing = stated.find((name) => !found.includes(name))
  if (missing !== undefined) refuse(`“${missing}” is missing: it is cut short`)
  const more = found.find((name) => !stated.includes(name))
  if (more !== undefined) refuse(`holds “${more}”, of which its manifest says nothing`)
  for (const { name, sha256 } of manifest.files)
    if (sumOf(into, name).sha256 !== sha256)
      refuse(`“${name}” is not as it was written: its sum is another one`)
  return manifest
}

/**
 * Loads an unpacked backup into a database in which nothing is, and shows that it holds the same, row by row and picture by picture.
 * @throws BackupRefusedError where it does not
 */
export async function loadBackup(folder: string, manifest: Manifest, target: Connection): Promise<void> {
  await target.run(fs.readFileSync(path.join(folder, SCHEMA_FILE), 'utf8'))
  await loadLines(path.join(folder, ROWS_FILE), target)
  for (const { name } of manifest.files) {
    const [, table = '', id = ''] = ROW_FILE.exec(name) ?? []
    if (table === '') continue
    await setBytes(target, table, Number(id), path.join(folder, name))
  }
  await sealSums(target)
  await target.run('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY')
  const held = await dumpRows(target.ask, { line: () => undefined, file: null })
  await target.run('COMMIT')
  const other = manifest.tables.find(
    ({ table, rows, sha256 }) =>
      !held.some((one) => one.table === table && one.rows === rows && one.sha256 === sha256),
  )
  if (other)
    throw new BackupRefusedError(
      `What was restored of ${other.table} is not what the backup says (${other.rows} rows): it is damaged. Use another backup.`,
    )
}

/** Puts a file's bytes into its row; as text, which both engines take far faster than bytes. */
export async function setBytes({ set }: Connection, table: string, id: number, file: string): Promise<void> {
  const bytes = fs.readFileSync(file, 'base64')
  await set(`UPDATE "${table}" SET bytes = decode($1, 'base64') WHERE id = $2`, [bytes, id])
}

async function loadLines(file: string, { run }: Connection): Promise<void> {
  let waiting = ''
  for await (const line of readline.createInterface({ input: fs.createReadStream(file, 'utf8') })) {
    waiting += `${line}\n`
    if (waiting.length < AT_ONCE) continue
    await run(waiting)
    waiting = ''
  }
  await run(waiting)
}
