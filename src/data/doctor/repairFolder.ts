import fs from 'node:fs'
import path from 'node:path'
import readline from 'node:readline'
import { PGlite } from '@electric-sql/pglite'
import { restoreBackup, unpacked } from '../backup/backups'
import { ROW_FILE } from '../backup/dumpSql'
import type { Manifest } from '../backup/Manifest'
import { BackupRefusedError, ROWS_FILE } from '../backup/Manifest'
import { setBytes } from '../backup/restoreBackup'
import { migrationTags } from '../backup/schemaSql'
import type { Connection } from '../Connection'
import { ofEngine } from '../connections'
import { syncFolder } from '../folder/durableFiles'
import type { SumDifference } from '../sums/sumDifferences'
import { sumDifferences } from '../sums/sumDifferences'
import type { Examination } from './examineFolder'
import { copyFolder } from './examineFolder'

/** What came of a repair. */
export interface Repair {
  /** the new folder; the one that was examined is as it was */
  readonly folder: string
  /** the backup it was taken from */
  readonly backup: string
  /** as of when everything is, where the database did not start and the backup alone was left; else null */
  readonly wholeBackup: string | null
  /** rows taken from the backup */
  readonly rows: number
  /** what still differs; nothing where every row is again as it was written */
  readonly left: readonly SumDifference[]
}

/**
 * Puts back what a folder lost, in a copy beside it: rows that are missing come from the newest backup that was shown to
 * restore. A database that does not start is restored from it as a whole.
 * @param backups - the folder of the backups
 * @throws BackupRefusedError where there is no such backup, or the place of the copy is taken
 */
export async function repairFolder(
  { folder, broken, differences, backups }: Examination,
  from: string,
  migrations: string,
): Promise<Repair> {
  const newest = backups.find(({ provedAt }) => provedAt !== null)
  if (!newest)
    throw new BackupRefusedError(
      'There is no backup that was shown to restore: nothing can be put back. Keep the folder as it is.',
    )
  const repaired = `${folder}-repaired`
  if (fs.existsSync(repaired))
    throw new BackupRefusedError(`${repaired} is there already. Move it away first; nothing was changed.`)
  const file = path.join(from, newest.name)
  if (broken !== null) {
    const { madeAt } = await restoreBackup(file, { kind: 'folder', folder: repaired }, migrations)
    return { folder: repaired, backup: newest.name, wholeBackup: madeAt, rows: 0, left: [] }
  }
  copyFolder(folder, repaired)
  const filled = await unpacked(file, migrations, (unpackedTo, manifest) =>
    fill(repaired, differences, unpackedTo, manifest, migrations),
  )
  syncFolder(repaired)
  return { folder: repaired, backup: newest.name, wholeBackup: null, ...filled }
}

async function fill(
  folder: string,
  differences: readonly SumDifference[],
  unpackedTo: string,
  manifest: Manifest,
  migrations: string,
): Promise<Pick<Repair, 'rows' | 'left'>> {
  const engine = await PGlite.create({ dataDir: folder })
  const connection = ofEngine(engine)
  try {
    const [done] = await connection.ask('SELECT count(*)::int AS done FROM drizzle.__drizzle_migrations')
    if (migrationTags(migrations)[Number(done?.['done']) - 1] !== manifest.schema)
      throw new BackupRefusedError(
        `The newest backup has tables as of “${manifest.schema}”, the folder others: rows cannot be taken over one by one. Restore the backup into a new folder instead.`,
      )
    // Neither references nor sums are looked at: the sums stay what was written once.
    await connection.run("SET session_replication_role = 'replica'")
    let rows = 0
    for (const difference of differences) rows += await fillTable(connection, folder, difference, unpackedTo)
    const left = await sumDifferences(connection.ask)
    await connection.run('CHECKPOINT')
    return { rows, left }
  } finally {
    await engine.close()
  }
}

/** Adds what a backup holds of a table and the table does not. @returns how many rows were added */
async function fillTable(
  connection: Connection,
  folder: string,
  { table, found }: SumDifference,
  unpackedTo: string,
): Promise<number> {
  const { ask, run } = connection
  if (found === null) {
    const [place] = await ask(`SELECT pg_relation_filepath('"${table}"') AS file`)
    fs.writeFileSync(path.join(folder, String(place?.['file'])), '')
  }
  // Indexes still name the rows that are gone, and a map says where there is nothing to look at.
  await run(`VACUUM (DISABLE_PAGE_SKIPPING) "${table}"`)
  await run(`REINDEX TABLE "${table}"`)
  let added = 0
  const lines = readline.createInterface({ input: fs.createReadStream(path.join(unpackedTo, ROWS_FILE)) })
  for await (const line of lines) {
    if (!line.startsWith(`INSERT INTO "${table}" `)) continue
    const rows = await ask(
      `${line.replace(/;$/, '')} ON CONFLICT DO NOTHING RETURNING to_jsonb("${table}") ->> 'id' AS id`,
    )
    added += rows.length
    for (const row of rows) {
      const name = `${table}/${String(row['id'])}.jpg`
      if (ROW_FILE.test(name) && fs.existsSync(path.join(unpackedTo, name)))
        await setBytes(connection, table, Number(row['id']), path.join(unpackedTo, name))
    }
  }
  return added
}
