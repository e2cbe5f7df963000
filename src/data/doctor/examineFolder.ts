import fs from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { backupsIn } from '../backup/backupFolder'
import type { BackupFile } from '../backup/backupFolder'
import { filesUnder } from '../backup/writeBackup'
import { ofEngine } from '../connections'
import { isOfCode } from '../errors'
import { folderState } from '../folder/folderState'
import { refuseHeld } from '../folder/folderLock'
import { freeBytesOf } from '../folder/writeGuard'
import type { SumDifference } from '../sums/sumDifferences'
import { keepsSums, sumDifferences } from '../sums/sumDifferences'

/** What was found of a data folder. */
export interface Examination {
  readonly folder: string
  readonly bytes: number
  readonly freeBytes: number
  /** why its database does not start; null where it does */
  readonly broken: string | null
  /** false where it was last written by a Whyalon that kept no sums: what is missing would not show */
  readonly summed: boolean
  readonly differences: readonly SumDifference[]
  /** the newest first */
  readonly backups: readonly BackupFile[]
}

type Tables = Pick<Examination, 'broken' | 'summed' | 'differences'>

/**
 * Looks at a data folder without touching it: its database is started on a copy.
 * @param backups - the folder of the backups; null where they are off
 * @throws FolderInUseError where a living process holds it
 */
export async function examineFolder(folder: string, backups: string | null): Promise<Examination> {
  const found = {
    folder,
    freeBytes: freeBytesOf(path.dirname(folder)),
    backups: backups === null ? [] : backupsIn(backups),
  }
  const copy = `${folder}.examined`
  try {
    if (folderState(folder) === 'new')
      return { ...found, bytes: 0, broken: null, summed: true, differences: [] }
    copyFolder(folder, copy)
    return { ...found, bytes: bytesUnder(folder), ...(await examineCopy(copy)) }
  } catch (error) {
    if (!isOfCode(error, 'EFOLDER')) throw error
    return { ...found, bytes: 0, ...unreadable(error) }
  } finally {
    fs.rmSync(copy, { recursive: true, force: true })
  }
}

/**
 * A copy of a folder's files, in the place of what was there. The lock is let lie: it says how the last one ended.
 * @throws FolderInUseError where a living process holds the folder
 */
export function copyFolder(folder: string, copy: string): void {
  refuseHeld(folder)
  fs.rmSync(copy, { recursive: true, force: true })
  fs.cpSync(folder, copy, { recursive: true, mode: fs.constants.COPYFILE_FICLONE })
}

async function examineCopy(copy: string): Promise<Tables> {
  let engine: PGlite
  try {
    engine = await PGlite.create({ dataDir: copy })
  } catch (error) {
    return unreadable(error)
  }
  try {
    const { ask } = ofEngine(engine)
    const summed = await keepsSums(ask)
    return { broken: null, summed, differences: summed ? await sumDifferences(ask) : [] }
  } catch (error) {
    return unreadable(error)
  } finally {
    await engine.close()
  }
}

function unreadable(error: unknown): Tables {
  return { broken: error instanceof Error ? error.message : String(error), summed: false, differences: [] }
}

function bytesUnder(folder: string): number {
  return filesUnder(folder).reduce((sum, name) => sum + fs.statSync(path.join(folder, name)).size, 0)
}
