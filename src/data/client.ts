import path from 'node:path'
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import { ofClient, ofEngine } from './connections'
import { isBehind, isOutdated } from './backup/isBehind'
import type { DataLocation } from './environment'
import { backupsFolder } from './environment'
import type { Connection } from './Connection'
import * as schema from './schema'
import { isCheckDue, noteCheckDue, noteChecked } from './sums/checkDue'
import { checkSums, sealSums } from './sums/checkSums'

/** A database handle or a transaction on it: both drivers' types assign to it. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>

export interface Store {
  readonly db: Db
  readonly kind: 'embedded' | 'server'
  close(): Promise<void>
}

/** From the project's folder. */
export const MIGRATIONS = 'src/data/migrations'

/** Names our lock among the advisory locks of a server: chosen freely, and never changed. */
export const START_LOCK = 730_119

/**
 * Opens the data and brings its tables up to date.
 * An embedded folder belongs to one process at a time.
 * @param root - the project's folder, where the migrations are
 * @throws FolderInUseError when another process holds the folder
 * @throws FolderRefusedError when what is in the folder is no data of ours
 * @throws SumsDifferError when the tables hold something else than was written to them
 */
export async function openStore(location: DataLocation, root = process.cwd()): Promise<Store> {
  const migrationsFolder = path.join(/*turbopackIgnore: true*/ root, MIGRATIONS)
  return location.kind === 'server'
    ? openServer(location, migrationsFolder)
    : openFolder(location.folder, migrationsFolder)
}

async function openServer(
  location: DataLocation & { kind: 'server' },
  migrationsFolder: string,
): Promise<Store> {
  const [{ Pool }, { drizzle }, { migrate }] = await Promise.all([
    import('pg'),
    import('drizzle-orm/node-postgres'),
    import('drizzle-orm/node-postgres/migrator'),
  ])
  const pool = new Pool({ connectionString: location.url })
  // A server that restarts drops the idle connections; unheard, that would end this process. The next query
  // opens a new one.
  pool.on('error', (error) => console.error(`PostgreSQL dropped a connection: ${error.message}`))
  // Nor may one that goes while a change is under way: whoever asks next on it is told by that question's failing.
  pool.on('connect', (client) => client.on('error', () => undefined))
  try {
    // Drizzle's migrator locks nothing: two processes that start at once would both create the same tables.
    const one = await pool.connect()
    try {
      await one.query('select pg_advisory_lock($1)', [START_LOCK])
      const target = ofClient(one)
      await checkSums(target, 'today')
      await migrateSafely(target, location, migrationsFolder, () =>
        migrate(drizzle(one, { schema }), { migrationsFolder }),
      )
    } finally {
      // Ending the connection frees the lock, whatever state the migration left it in.
      one.release(true)
    }
    return { db: drizzle(pool, { schema }), kind: 'server', close: () => pool.end() }
  } catch (error) {
    await pool.end()
    throw error
  }
}

async function openFolder(folder: string, migrationsFolder: string): Promise<Store> {
  const { openEngine } = await import('./folder/openEngine')
  const [{ drizzle }, { migrate }] = await Promise.all([
    import('drizzle-orm/pglite'),
    import('drizzle-orm/pglite/migrator'),
  ])
  const { engine, close } = await openEngine(folder)
  try {
    const db = drizzle(engine, { schema })
    const target = ofEngine(engine)
    await checkFolder(target, folder)
    await migrateSafely(target, { kind: 'folder', folder }, migrationsFolder, () =>
      migrate(db, { migrationsFolder }),
    )
    return { db, kind: 'embedded', close }
  } catch (error) {
    await close()
    throw error
  }
}

/** Once a day, after a process that was killed, and until nothing differs: reading every row takes a while. */
async function checkFolder(target: Connection, folder: string): Promise<void> {
  try {
    await checkSums(target, isCheckDue(folder) ? 'now' : 'today')
    noteChecked(folder)
  } catch (error) {
    noteCheckDue(folder)
    throw error
  }
}

/** Brings the tables up to date, after a backup; what they hold from then on is what they should hold. */
async function migrateSafely(
  target: Connection,
  location: DataLocation,
  migrations: string,
  migrate: () => Promise<void>,
): Promise<void> {
  if (await isBehind(target.ask, migrations)) {
    const { backUpBeforeMigration } = await import('./backup/beforeMigration')
    await backUpBeforeMigration(target, migrations, backupsFolder(process.env, location), new Date())
  }
  const changes = await isOutdated(target.ask, migrations)
  await migrate()
  if (changes) await sealSums(target)
}
