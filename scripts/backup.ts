// Makes a backup of the data of the environment, also while Whyalon is running on it.
import path from 'node:path'
import { backupsIn } from '@/data/backup/backupFolder'
import { runBackup } from '@/data/backup/runBackup'
import { backupsFolder, dataLocation } from '@/data/environment'
import { FolderInUseError, lockFolder } from '@/data/folder/folderLock'
import { folderState } from '@/data/folder/folderState'

const location = dataLocation(process.env)
const to = backupsFolder(process.env, location)
if (to === null) fail('WHYALON_BACKUPS is off: set it to a folder, or leave it out.')
if (location.kind === 'folder' && folderState(location.folder) === 'new')
  fail(`There is nothing in ${location.folder} to back up.`)

const made = await run()
if (!made.ok) fail(made.why)
const [newest] = backupsIn(to)
const size = ((newest?.bytes ?? 0) / 1_000_000).toFixed(1)
console.log(`whyalon: backup ${path.join(to, made.name)}, ${size} MB, shown to restore`)

async function run() {
  if (location.kind === 'server') return runBackup(location, to ?? '', new Date())
  let unlock: () => void
  try {
    unlock = lockFolder(location.folder)
  } catch (error) {
    if (error instanceof FolderInUseError) return askTheRunning()
    throw error
  }
  try {
    return await runBackup(location, to ?? '', new Date())
  } finally {
    unlock()
  }
}

/** The process that holds the folder makes the backup: nobody else may open it. */
async function askTheRunning() {
  const address = `http://127.0.0.1:${process.env.PORT ?? 3000}/api/backups`
  const answer = await fetch(address, { method: 'POST', headers: { 'sec-fetch-site': 'same-origin' } }).catch(
    () => null,
  )
  const said = (await answer?.json().catch(() => null)) as
    | { ok: true; state: { backups: readonly { name: string }[] } }
    | { ok: false; errors: Record<string, string> }
    | null
    | undefined
  if (!said)
    return {
      ok: false as const,
      why: `Whyalon is running on ${location.kind === 'folder' ? location.folder : ''}, but not on port ${process.env.PORT ?? 3000}. Set PORT to its port, or use Settings.`,
    }
  if (!said.ok) return { ok: false as const, why: Object.values(said.errors).join(' ') }
  return { ok: true as const, name: said.state.backups[0]?.name ?? '' }
}

function fail(why: string): never {
  console.error(`whyalon: no backup. ${why}`)
  process.exit(1)
}
