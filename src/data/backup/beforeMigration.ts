import fs from 'node:fs'
import path from 'node:path'
import { backupName } from './backupFolder'
import { proveBackup } from './backups'
import { inOneState } from '../connections'
import type { Connection } from '../Connection'
import { writeBackup } from './writeBackup'

/**
 * Makes a backup before tables are changed by a newer version, and shows that it restores.
 * @param migrations - the folder of the migrations
 * @param to - the folder of the backups; null where they are off
 */
export async function backUpBeforeMigration(
  target: Connection,
  migrations: string,
  to: string | null,
  now: Date,
): Promise<void> {
  if (to === null) return
  fs.mkdirSync(to, { recursive: true })
  const file = path.join(to, backupName(now))
  await inOneState(target, () => writeBackup({ ask: target.ask, migrations, madeAt: now }, file))
  await proveBackup(file, migrations, now)
}
