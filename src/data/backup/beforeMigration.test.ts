import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { openStore } from '../client'
import { forgetKeys } from '../queries/sentChanges'
import { tableSums } from '../schema'
import { backupsIn } from './backupFolder'

it('a shop is backed up before a newer version changes its tables, and not otherwise', async () => {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-migrate-'))
  const folder = path.join(home, 'data')
  const backups = () => backupsIn(`${folder}-backups`)
  const open = () => openStore({ kind: 'folder', folder })
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(empty, folder, { recursive: true })
  const first = await open()
  expect(backups()).toEqual([])
  // As the version before this one left it.
  await first.db.execute(sql`DROP FUNCTION keep_sum, seal_sums CASCADE`)
  await first.db.execute(sql`DROP TABLE table_sums, sum_checks`)
  await first.db.execute(
    sql`DELETE FROM drizzle.__drizzle_migrations WHERE id = (SELECT max(id) FROM drizzle.__drizzle_migrations)`,
  )
  await first.close()
  const second = await open()
  await expect(forgetKeys(second.db, new Date())).resolves.toBeUndefined()
  // What the new tables hold is what they should hold from now on.
  expect((await second.db.select().from(tableSums)).length).toBeGreaterThan(20)
  await second.close()
  expect(backups()).toHaveLength(1)
  expect(backups()[0]?.provedAt).not.toBeNull()
  await (await open()).close()
  expect(backups()).toHaveLength(1)
  fs.rmSync(home, { recursive: true, force: true })
}, 240_000)
