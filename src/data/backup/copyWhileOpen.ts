import fs from 'node:fs'
import path from 'node:path'
import { filesUnder } from './writeBackup'

/** A clock of files may lag behind that of the process by so much, ms. */
const LAG_MS = 1000

/**
 * Copies a data folder that is being worked on, as it stands at one moment between two questions to its engine. Nearly all
 * of it is copied beforehand, while the shop goes on; only what changed meanwhile is copied at that moment, in which
 * nothing else is answered.
 * @param copy - a folder that is not there yet
 */
export async function copyWhileOpen(folder: string, copy: string): Promise<void> {
  const since = Date.now() - LAG_MS
  const before = new Map<string, number>()
  for (const name of filesUnder(folder)) {
    const found = fs.statSync(path.join(folder, name), { throwIfNoEntry: false })
    if (!found) continue
    before.set(name, found.size)
    await copyFile(path.join(folder, name), path.join(copy, name)).catch(ignoreGone)
  }
  const now = filesUnder(folder)
  for (const name of now) {
    const from = path.join(folder, name)
    const { mtimeMs, size } = fs.statSync(from)
    if (mtimeMs < since && before.get(name) === size) continue
    fs.mkdirSync(path.dirname(path.join(copy, name)), { recursive: true })
    fs.copyFileSync(from, path.join(copy, name), fs.constants.COPYFILE_FICLONE)
  }
  const kept = new Set(now)
  for (const name of filesUnder(copy)) if (!kept.has(name)) fs.rmSync(path.join(copy, name))
  for (const name of foldersIn(folder)) fs.mkdirSync(path.join(copy, name), { recursive: true })
}

async function copyFile(from: string, to: string): Promise<void> {
  await fs.promises.mkdir(path.dirname(to), { recursive: true })
  await fs.promises.copyFile(from, to, fs.constants.COPYFILE_FICLONE)
}

/** The engine removes files while it goes on. */
function ignoreGone(error: NodeJS.ErrnoException): void {
  if (error.code !== 'ENOENT') throw error
}

/** Some of them are empty, and the engine asks for them all the same. */
function foldersIn(folder: string): string[] {
  return fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map((entry) => path.relative(folder, path.join(entry.parentPath, entry.name)))
}
