import fs from 'node:fs'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { MIGRATIONS, openStore } from '@/data/client'
import { backupsIn } from '@/data/backup/backupFolder'
import { seededRandom } from '@/devices/seededRandom'
import { startLife } from './life'

/** What kills in the middle of a migration came to. */
export interface MigrationCount {
  readonly kills: number
  /** had not ended the migration when they were killed */
  readonly midway: number
  readonly wrong: readonly string[]
}

/** Migrations still to be done. */
const BEHIND = 12
const OWNERS = 500
const WITHIN_MS = 2600
/** Every so many lives a backup is made before the tables are changed, and killed too. */
const BACKUP_EVERY = 4

/** Lays down a shop as an older version left it. @param home - where its migrations are put too */
export async function oldShop(folder: string, home: string): Promise<void> {
  const migrations = path.join(home, MIGRATIONS)
  fs.cpSync(MIGRATIONS, migrations, { recursive: true })
  const journalFile = path.join(migrations, 'meta/_journal.json')
  const journal = JSON.parse(fs.readFileSync(journalFile, 'utf8')) as { entries: unknown[] }
  journal.entries.splice(-BEHIND)
  fs.writeFileSync(journalFile, JSON.stringify(journal))
  const store = await openStore({ kind: 'folder', folder }, home)
  await store.db.execute(
    sql`INSERT INTO owners (name, kind) SELECT 'Owner ' || n, 'townsperson' FROM generate_series(1, ${OWNERS}) n`,
  )
  await store.close()
}

/** Kills a shop while a newer version changes its tables, each time from the older state, and opens it once more. */
export async function killMigrations(
  shop: string,
  kills: number,
  seed: number,
  told: (count: MigrationCount) => void = () => undefined,
): Promise<MigrationCount> {
  const random = seededRandom(seed)
  const wrong: string[] = []
  let midway = 0
  for (let life = 0; life < kills && wrong.length === 0; life++) {
    const folder = `${shop}-${life}`
    fs.cpSync(shop, folder, { recursive: true })
    const backups = life % BACKUP_EVERY === 0 ? `${folder}-backups` : 'off'
    let held = false
    const { child, ended } = startLife('openWorker.ts', [folder], () => (held = true), backups)
    setTimeout(() => child.kill('SIGKILL'), random.uniform(300, WITHIN_MS))
    await ended
    if (!held) midway++
    let said = ''
    const { code, errors } = await startLife('openWorker.ts', [folder], (line) => (said = line), backups)
      .ended
    if (said !== `held ${OWNERS}` || code !== 0) wrong.push(`life ${life}: ${said} ${errors}`)
    if (backups !== 'off' && !held && backupsIn(backups).every(({ provedAt }) => provedAt === null))
      wrong.push(`life ${life}: migrated without a backup that was shown to restore`)
    for (const name of fs.readdirSync(path.dirname(shop)))
      if (name.startsWith(path.basename(folder)))
        fs.rmSync(path.join(path.dirname(shop), name), { recursive: true, force: true })
    told({ kills: life + 1, midway, wrong })
  }
  return { kills, midway, wrong }
}
