import { createHash } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import * as tar from 'tar'
import { syncEntry } from '../folder/durableFiles'
import type { Ask } from '../Connection'
import { dumpRows } from './dumpSql'
import type { Manifest } from './Manifest'
import { BACKUP_FORMAT, MANIFEST_FILE, ROWS_FILE, SCHEMA_FILE } from './Manifest'
import { migrationTags, schemaSql } from './schemaSql'

/** What a backup is made from. */
export interface BackupSource {
  /** within a transaction that sees one state */
  readonly ask: Ask
  /** the folder of the migrations */
  readonly migrations: string
  readonly madeAt: Date
}

/**
 * Writes all there is to one file: SQL that PostgreSQL loads, pictures as files, and a manifest with counts and sums. It
 * stands under its name only once it is whole and on the disk.
 * @param file - its name, ending in .tar.gz
 */
export async function writeBackup(source: BackupSource, file: string): Promise<Manifest> {
  const { ask, migrations, madeAt } = source
  const work = `${file}.making`
  fs.rmSync(work, { recursive: true, force: true })
  fs.mkdirSync(work, { recursive: true })
  try {
    const [applied] = await ask('SELECT count(*)::int AS done FROM drizzle.__drizzle_migrations')
    const done = Number(applied?.['done'])
    fs.writeFileSync(path.join(work, SCHEMA_FILE), schemaSql(migrations, done))
    const tables = await writeRows(ask, work)
    const names = filesUnder(work)
    const manifest: Manifest = {
      format: BACKUP_FORMAT,
      madeAt: madeAt.toISOString(),
      schema: migrationTags(migrations)[done - 1] ?? '',
      tables,
      files: names.map((name) => sumOf(work, name)),
    }
    fs.writeFileSync(path.join(work, MANIFEST_FILE), JSON.stringify(manifest, null, 1))
    const packed = `${work}.tar.gz`
    // The manifest first: what follows is judged by it.
    await tar.create({ gzip: true, cwd: work, file: packed, portable: true }, [MANIFEST_FILE, ...names])
    syncEntry(packed)
    fs.renameSync(packed, file)
    syncEntry(path.dirname(file))
    return manifest
  } finally {
    fs.rmSync(work, { recursive: true, force: true })
    fs.rmSync(`${work}.tar.gz`, { force: true })
  }
}

async function writeRows(ask: Ask, work: string) {
  const rows = fs.openSync(path.join(work, ROWS_FILE), 'w')
  try {
    return await dumpRows(ask, {
      line: (text) => fs.writeSync(rows, `${text}\n`),
      file: (name, bytes) => {
        fs.mkdirSync(path.dirname(path.join(work, name)), { recursive: true })
        fs.writeFileSync(path.join(work, name), bytes)
      },
    })
  } finally {
    fs.closeSync(rows)
  }
}

/** Every file of a folder, by its way from there, in order. */
export function filesUnder(folder: string): string[] {
  return fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(folder, path.join(entry.parentPath, entry.name)))
    .sort()
}

export function sumOf(folder: string, name: string): Manifest['files'][number] {
  const bytes = fs.readFileSync(path.join(folder, name))
  return { name, bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') }
}
