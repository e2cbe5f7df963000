import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { backupName } from '../backup/backupFolder'
import { backupOfCopy, proveBackup } from '../backup/backups'
import type { Db } from '../client'
import { openStore } from '../client'
import { insertPhoto, photoBytes } from '../queries/photos'
import { photos, sentChanges } from '../schema'
import { inWords } from '../sums/sumDifferences'
import { acceptFolder } from './acceptFolder'
import { examineFolder } from './examineFolder'
import { repairFolder } from './repairFolder'
import { isSound, repairText, reportOf } from './report'

const MIGRATIONS = path.resolve('src/data/migrations')
const NOW = new Date('2026-11-24T10:00:00Z')
const PAGE = 8192
/** Before the backup, and after it. */
const [BEFORE, AFTER] = [600, 300]

let home: string
let whole: string
let backups: string
/** files of tables, in the folder */
let files: { readonly sent: string; readonly photos: string }

const add = (db: Db, rows: number) =>
  db.execute(sql`INSERT INTO sent_changes (key) SELECT gen_random_uuid() FROM generate_series(1, ${rows})`)

beforeAll(async () => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-doctor-'))
  whole = path.join(home, 'whole')
  backups = `${whole}-backups`
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(empty, whole, { recursive: true })
  const store = await openStore({ kind: 'folder', folder: whole })
  const { db } = store
  const { tray } = await openBrokenTray(db, 'Bracken', NOW)
  const picture = { trayId: tray.id, caption: '', widthPx: 1, heightPx: 1, takenAt: NOW }
  await insertPhoto(db, { ...picture, bytes: Uint8Array.from({ length: 300 }, (_, i) => i % 256) })
  await add(db, BEFORE)
  fs.cpSync(whole, path.join(home, 'copy'), { recursive: true })
  await add(db, AFTER)
  const fileOf = async (table: string) => {
    const answer = await db.execute(sql`SELECT pg_relation_filepath(${table}) AS file`)
    return (answer as { readonly rows: readonly { readonly file: string }[] }).rows[0]?.file ?? ''
  }
  files = { sent: await fileOf('sent_changes'), photos: await fileOf('photos') }
  await store.close()
  const file = path.join(backups, backupName(NOW))
  await backupOfCopy(path.join(home, 'copy'), MIGRATIONS, file, NOW)
  await proveBackup(file, MIGRATIONS, NOW)
}, 240_000)
afterAll(() => fs.rmSync(home, { recursive: true, force: true }))

/** A copy of the folder to which something happened. */
function damaged(damage: (folder: string) => void): string {
  const folder = fs.mkdtempSync(path.join(home, 'damaged-'))
  fs.cpSync(whole, folder, { recursive: true })
  damage(folder)
  return folder
}
const examine = (folder: string) => examineFolder(folder, backups)
const zeroed = (file: string, page: number) => {
  const bytes = fs.readFileSync(file)
  bytes.fill(0, page * PAGE, (page + 1) * PAGE)
  fs.writeFileSync(file, bytes)
}
const filesOf = (folder: string) =>
  Object.fromEntries(
    fs
      .readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => path.join(entry.parentPath, entry.name))
      .map((file) => [file, fs.readFileSync(file).toString('base64')]),
  )

it('finds nothing in a sound folder, and touches none of it', async () => {
  const folder = damaged(() => undefined)
  const before = filesOf(folder)
  const examination = await examine(folder)
  expect(isSound(examination)).toBe(true)
  expect(reportOf(examination).join('\n')).toMatch(
    /starts \(on a copy\)\n.*every row is as it was written\nbackups {3}1; newest.*\.tar\.gz\nto do {5}nothing/,
  )
  expect(filesOf(folder)).toEqual(before)
  expect(fs.existsSync(`${folder}.examined`)).toBe(false)
}, 120_000)

it.each([
  ['a page of zeros', (folder: string) => zeroed(path.join(folder, files.sent), 1)],
  ['the file of a table', (folder: string) => fs.rmSync(path.join(folder, files.photos))],
])(
  'puts back what was lost with %s, each row as it was, in a new folder',
  async (_, damage) => {
    const folder = damaged(damage)
    const before = filesOf(folder)
    const examination = await examine(folder)
    expect(isSound(examination)).toBe(false)
    expect(reportOf(examination).at(-1)).toMatch(/--repair” puts back what the backup holds, in a new folder/)
    const repair = await repairFolder(examination, backups, MIGRATIONS)
    expect(repair.left).toEqual([])
    expect(repair.rows).toBeGreaterThan(0)
    expect(repairText(repair)[0]).toMatch(/every row is again as it was written/)
    expect(filesOf(folder)).toEqual(before)
    const store = await openStore({ kind: 'folder', folder: repair.folder })
    const { db } = store
    expect(await db.select().from(sentChanges)).toHaveLength(BEFORE + AFTER)
    expect(await db.select({ id: photos.id }).from(photos)).toHaveLength(1)
    expect(await photoBytes(db, 1)).toEqual(Uint8Array.from({ length: 300 }, (_, i) => i % 256))
    await store.close()
    await expect(repairFolder(examination, backups, MIGRATIONS)).rejects.toThrow(/is there already/)
  },
  120_000,
)

it('says what came after the backup and is lost, and goes on without it only when told to', async () => {
  const folder = damaged((at) => {
    const file = path.join(at, files.sent)
    fs.truncateSync(file, fs.statSync(file).size - PAGE)
  })
  const repair = await repairFolder(await examine(folder), backups, MIGRATIONS)
  expect(repairText(repair).join('\n')).toMatch(/missing {3}sent_changes: \d+ of 900 rows are missing/)
  const { folder: repaired } = repair
  // A copy is not known to be checked: it is looked through before it is opened.
  fs.writeFileSync(`${repaired}.lock`, '{}')
  await expect(openStore({ kind: 'folder', folder: repaired })).rejects.toThrow(/\d+ of 900 rows are missing/)
  expect(await acceptFolder(repaired)).toEqual(repair.left.map(inWords))
  await (await openStore({ kind: 'folder', folder: repaired })).close()
  expect(isSound(await examine(repaired))).toBe(true)
}, 120_000)

it.each([
  ['does not start', (folder: string) => fs.truncateSync(path.join(folder, 'global/pg_control'), 100)],
  ['is no database any more', (folder: string) => fs.rmSync(path.join(folder, 'PG_VERSION'))],
])(
  'goes back to the backup where the folder %s',
  async (_, damage) => {
    const examination = await examine(damaged(damage))
    expect(examination.broken).not.toBeNull()
    const repair = await repairFolder(examination, backups, MIGRATIONS)
    expect(repairText(repair)[0]).toMatch(/all of whyalon-.*, as of 2026-11-24.*what came after is lost/)
    const store = await openStore({ kind: 'folder', folder: repair.folder })
    expect(await store.db.select().from(sentChanges)).toHaveLength(BEFORE)
    await store.close()
  },
  120_000,
)

it('says so where there is no backup, and where somebody works on the folder', async () => {
  const folder = damaged((at) => zeroed(path.join(at, files.sent), 1))
  const examination = await examineFolder(folder, null)
  expect(reportOf(examination).at(-1)).toMatch(/--accept” goes on with what is there/)
  await expect(repairFolder(examination, '', MIGRATIONS)).rejects.toThrow(
    /no backup that was shown to restore/,
  )
  fs.writeFileSync(`${folder}.lock`, JSON.stringify({ pid: process.pid }))
  await expect(examine(folder)).rejects.toThrow(/is in use by process/)
}, 120_000)
