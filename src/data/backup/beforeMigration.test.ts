import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { emptyDatabase } from '../../../tests/stores/databases'
import { openStore } from '../client'
import type { DataLocation } from '../environment'
import { forgetKeys } from '../queries/sentChanges'
import { shopSettings } from '../schema'
import { noteCheckDue } from '../sums/checkDue'
import { backupsIn } from './backupFolder'

const server = process.env.TEST_DATABASE_URL
const { WHYALON_BACKUPS } = process.env
let home: string
let backupsFolder: string
beforeEach(() => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-migrate-'))
  backupsFolder = path.join(home, 'backups')
  process.env.WHYALON_BACKUPS = backupsFolder
})
afterEach(() => {
  fs.rmSync(home, { recursive: true, force: true })
  if (WHYALON_BACKUPS === undefined) delete process.env.WHYALON_BACKUPS
  else process.env.WHYALON_BACKUPS = WHYALON_BACKUPS
})

/** What the last migration added. */
const NEW_COLUMNS = {
  case_sheets: ['dial_below_seat_mm', 'pusher_post_mm', 'pusher_bore_mm', 'pusher_room_mm'],
} as const

async function expectBackup(location: DataLocation): Promise<void> {
  const backups = () => backupsIn(backupsFolder)
  const first = await openStore(location)
  expect(backups()).toEqual([])
  // As the version before this one left it.
  for (const [table, columns] of Object.entries(NEW_COLUMNS))
    for (const column of columns)
      await first.db.execute(sql.raw(`ALTER TABLE ${table} DROP COLUMN ${column}`))
  await first.db.execute(sql`SELECT seal_sums()`)
  await first.db.execute(
    sql`DELETE FROM drizzle.__drizzle_migrations WHERE id = (SELECT max(id) FROM drizzle.__drizzle_migrations)`,
  )
  await first.close()
  const second = await openStore(location)
  await expect(forgetKeys(second.db, new Date())).resolves.toBeUndefined()
  expect(await second.db.select().from(shopSettings)).toEqual([])
  await second.close()
  expect(backups()).toHaveLength(1)
  expect(backups()[0]?.provedAt).not.toBeNull()
  // What the changed tables hold is what they should hold from now on.
  if (location.kind === 'folder') noteCheckDue(location.folder)
  await (await openStore(location)).close()
  expect(backups()).toHaveLength(1)
}

it('a shop is backed up before a newer version changes its tables, and not otherwise', async () => {
  const folder = path.join(home, 'data')
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(empty, folder, { recursive: true })
  await expectBackup({ kind: 'folder', folder })
}, 240_000)

const onServer = server ? it : it.skip
onServer(
  'so is one on a PostgreSQL server',
  async () => {
    const { url, drop } = await emptyDatabase(server ?? '')
    try {
      await expectBackup({ kind: 'server', url })
    } finally {
      await drop()
    }
  },
  240_000,
)
