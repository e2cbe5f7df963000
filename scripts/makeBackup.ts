// Writes a backup and shows that it restores. In a process of its own: a shop goes on working meanwhile.
//   makeBackup.ts --copy FOLDER --to FILE    of a copy of a data folder, which is removed
//   makeBackup.ts --server --to FILE         of the server of DATABASE_URL
import fs from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { backupOfCopy, backupOfServer, proveBackup } from '@/data/backup/backups'
import { thinBackups } from '@/data/backup/backupFolder'
import { MIGRATIONS } from '@/data/client'

const { values } = parseArgs({
  options: { copy: { type: 'string' }, server: { type: 'boolean' }, to: { type: 'string' } },
})
const { copy, to = '' } = values
const migrations = path.resolve(MIGRATIONS)
try {
  const { keeping } =
    copy === undefined
      ? await backupOfServer(process.env.DATABASE_URL ?? '', migrations, to, new Date())
      : await backupOfCopy(copy, migrations, to, new Date())
  await proveBackup(to, migrations, new Date())
  thinBackups(path.dirname(to), keeping)
} catch (error) {
  console.error(error instanceof Error ? error.message : error)
  process.exitCode = 1
} finally {
  if (copy !== undefined) fs.rmSync(copy, { recursive: true, force: true })
}
