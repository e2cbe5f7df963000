import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { Client } from 'pg'
import type { Keeping } from '@/core/backups/keptBackups'
import { USUAL_KEEPING } from '@/core/backups/keptBackups'
import { syncEntry, syncFolder } from '../folder/durableFiles'
import { folderState } from '../folder/folderState'
import { lockFolder } from '../folder/folderLock'
import type { DataLocation } from '../environment'
import { inOneState, ofClient, ofEngine } from '../connections'
import type { Manifest } from './Manifest'
import { BackupRefusedError } from './Manifest'
import type { Ask, Connection } from '../Connection'
import { loadBackup, unpackBackup } from './restoreBackup'
import { PROVED } from './proved'
import { migrationTags } from './schemaSql'
import { writeBackup } from './writeBackup'

/**
 * Writes a backup of a copy of a data folder, which nobody else opens.
 * @param copy - as a running server left its files at one moment: the engine finds its way from there as after a kill
 */
export async function backupOfCopy(
  copy: string,
  migrations: string,
  file: string,
  madeAt: Date,
): Promise<BackupWritten> {
  const engine = await PGlite.create({ dataDir: copy })
  try {
    return await backupOf(ofEngine(engine), migrations, file, madeAt)
  } finally {
    await engine.close()
  }
}

/** Writes a backup of a database on a server, while others work on it. */
export async function backupOfServer(url: string, migrations: string, file: string, madeAt: Date) {
  return withClient(url, (client) => backupOf(ofClient(client), migrations, file, madeAt))
}

/** A backup, and how long the shop it is of wants backups kept. */
export interface BackupWritten {
  readonly manifest: Manifest
  readonly keeping: Keeping
}

function backupOf(
  source: Connection,
  migrations: string,
  file: string,
  madeAt: Date,
): Promise<BackupWritten> {
  fs.mkdirSync(path.dirname(file), { recursive: true })
  return inOneState(source, async () => ({
    manifest: await writeBackup({ ask: source.ask, migrations, madeAt }, file),
    keeping: await shopKeeping(source.ask),
  }))
}

/** What is usual where the shop wants nothing else, and while no version of its tables holds what it wants. */
async function shopKeeping(ask: Ask): Promise<Keeping> {
  const [row] = await ask("SELECT to_jsonb(s) -> 'keeping' AS keeping FROM shop_settings s LIMIT 1")
  return { ...USUAL_KEEPING, ...(row?.['keeping'] as Partial<Keeping> | null) }
}

/**
 * Restores a backup where nothing is yet: into a new folder, or an empty database of a server. The folder stands under
 * its name only once all of it was shown to be what the backup says.
 * @throws BackupRefusedError where the backup is not whole, or something is there already
 */
export async function restoreBackup(
  file: string,
  location: DataLocation,
  migrations: string,
): Promise<Manifest> {
  return unpacked(file, migrations, async (from, manifest) => {
    if (location.kind === 'server')
      await withClient(location.url, async (client) => {
        const target = ofClient(client)
        if (
          (await target.ask("SELECT 1 FROM information_schema.tables WHERE table_schema = 'public'")).length
        )
          throw new BackupRefusedError(
            'The database of DATABASE_URL holds tables already. Restore into an empty one; nothing was changed.',
          )
        await loadBackup(from, manifest, target)
      })
    else await restoreFolder(from, manifest, location.folder)
    return manifest
  })
}

async function restoreFolder(from: string, manifest: Manifest, folder: string): Promise<void> {
  fs.mkdirSync(path.dirname(folder), { recursive: true })
  const unlock = lockFolder(folder)
  try {
    if (folderState(folder) !== 'new')
      throw new BackupRefusedError(
        `The folder ${folder} holds data already. Restore into a new one: set WHYALON_DATA to it; nothing was changed.`,
      )
    const fresh = `${folder}.restoring`
    fs.rmSync(fresh, { recursive: true, force: true })
    try {
      const engine = await PGlite.create({ dataDir: fresh })
      try {
        await loadBackup(from, manifest, ofEngine(engine))
      } finally {
        await engine.close()
      }
      syncFolder(fresh)
      if (fs.existsSync(folder)) fs.rmdirSync(folder)
      fs.renameSync(fresh, folder)
      syncEntry(path.dirname(folder))
    } finally {
      fs.rmSync(fresh, { recursive: true, force: true })
    }
  } finally {
    unlock()
  }
}

/** Shows that a backup restores, in a place of its own, and writes down when. @throws BackupRefusedError where it does not */
export async function proveBackup(file: string, migrations: string, now: Date): Promise<Manifest> {
  const manifest = await unpacked(file, migrations, async (from, stated) => {
    const engine = await PGlite.create()
    try {
      await loadBackup(from, stated, ofEngine(engine))
    } finally {
      await engine.close()
    }
    return stated
  })
  fs.writeFileSync(`${file}${PROVED}`, now.toISOString())
  return manifest
}

/** Unpacks a backup into a place of its own, checks it and works with it. @throws BackupRefusedError where it is not whole */
export async function unpacked<T>(
  file: string,
  migrations: string,
  work: (folder: string, manifest: Manifest) => Promise<T>,
): Promise<T> {
  const unpackedTo = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-backup-'))
  try {
    return await work(unpackedTo, await unpackBackup(file, unpackedTo, migrationTags(migrations)))
  } finally {
    fs.rmSync(unpackedTo, { recursive: true, force: true })
  }
}

async function withClient<T>(url: string, work: (client: Client) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: url })
  await client.connect()
  try {
    return await work(client)
  } finally {
    await client.end()
  }
}
