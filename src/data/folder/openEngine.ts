import fs from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { keptStatements } from '../keptStatements'
import { DURABLE_START, DurableFiles, syncEntry, syncFolder } from './durableFiles'
import { endOnPanic, endProcess } from './endOnPanic'
import { hasLock, lockFolder } from './folderLock'
import { FolderRefusedError, folderState } from './folderState'
import { noteCheckDue } from '../sums/checkDue'
import { freeBytesOf, guardedWrites } from './writeGuard'

export interface OpenEngine {
  readonly engine: PGlite
  /** ends the engine and lets go of the folder */
  readonly close: () => Promise<void>
}

/**
 * Opens the embedded engine on a folder that belongs to this process alone from then on. Whatever it answers as stored
 * is on the disk.
 * @throws FolderInUseError when another process holds the folder
 * @throws FolderRefusedError when what is there is no data of ours
 */
export async function openEngine(folder: string): Promise<OpenEngine> {
  fs.mkdirSync(path.dirname(folder), { recursive: true })
  // Left by one who was killed, or with the machine that went down.
  const left = hasLock(folder)
  const unlock = lockFolder(folder)
  if (left) noteCheckDue(folder)
  try {
    if (folderState(folder) === 'new') await layDown(folder)
    const engine = await startEngine(folder)
    const send = endOnPanic(engine.execProtocolStream.bind(engine), endProcess)
    engine.execProtocolStream = guardedWrites(keptStatements(send), () => freeBytesOf(folder))
    return {
      engine,
      close: async () => {
        await engine.close()
        unlock()
      },
    }
  } catch (error) {
    unlock()
    throw error
  }
}

async function startEngine(folder: string): Promise<PGlite> {
  try {
    return await PGlite.create({ fs: new DurableFiles(folder), startParams: [...DURABLE_START] })
  } catch (error) {
    throw new FolderRefusedError(
      `The database in ${folder} does not start (${error instanceof Error ? error.message : String(error)}): it is damaged. ` +
        'Stop Whyalon and run “npm run doctor”: it looks at a copy, and says what the backups hold.',
    )
  }
}

/**
 * Lays down an empty database. It is made beside its place and put there whole, once all of it is on the disk: one that
 * was begun and not ended never stands where the shop's data belongs.
 */
async function layDown(folder: string): Promise<void> {
  const fresh = `${folder}.new`
  fs.rmSync(fresh, { recursive: true, force: true })
  await (await PGlite.create({ dataDir: fresh })).close()
  syncFolder(fresh)
  if (fs.existsSync(folder)) fs.rmdirSync(folder)
  fs.renameSync(fresh, folder)
  syncEntry(path.dirname(folder))
}
