import { spawn } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import type { DataLocation } from '../environment'
import { backupName, removeLeftovers, WITHIN_MS } from './backupFolder'
import { copyWhileOpen } from './copyWhileOpen'

export type BackupRun = { readonly ok: true; readonly name: string } | { ok: false; why: string }

/**
 * Makes a backup and shows that it restores, in a process of its own. A folder is copied here, between two questions to
 * its engine: what it has said is stored is in the copy, as it would be after a kill.
 * @param to - the folder of the backups
 * @param root - the project's folder
 */
export async function runBackup(
  location: DataLocation,
  to: string,
  now: Date,
  root = process.cwd(),
): Promise<BackupRun> {
  const name = backupName(now)
  const file = path.join(to, name)
  const copy = `${file}.copy`
  try {
    fs.mkdirSync(to, { recursive: true })
    removeLeftovers(to, now)
    if (location.kind === 'folder') {
      fs.rmSync(copy, { recursive: true, force: true })
      await copyWhileOpen(location.folder, copy)
    }
  } catch (error) {
    fs.rmSync(copy, { recursive: true, force: true })
    return { ok: false, why: error instanceof Error ? error.message : 'the data could not be copied' }
  }
  const source = location.kind === 'folder' ? ['--copy', copy] : ['--server']
  const script = path.join(/*turbopackIgnore: true*/ root, 'scripts/makeBackup.ts')
  const child = spawn(process.execPath, ['--import', 'tsx', script, ...source, '--to', file], {
    cwd: root,
    env: { ...process.env, ...(location.kind === 'server' && { DATABASE_URL: location.url }) },
    stdio: ['ignore', 'ignore', 'pipe'],
    timeout: WITHIN_MS,
  })
  let said = ''
  child.stderr.on('data', (chunk: Buffer) => (said = (said + chunk.toString()).slice(-2000)))
  const status = await new Promise<number | null>((resolve) => {
    child.once('error', () => resolve(null))
    child.once('exit', resolve)
  })
  if (status === 0) return { ok: true, name }
  fs.rmSync(copy, { recursive: true, force: true })
  return { ok: false, why: said.trim() || 'it did not end in time' }
}
