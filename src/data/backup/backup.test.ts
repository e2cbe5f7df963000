import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import * as tar from 'tar'
import { emptyDatabase } from '../../../tests/stores/databases'
import type { Store } from '../client'
import { DEMO_DAY, demoFolder } from '../../../tests/stores/templates'
import { openStore } from '../client'
import { loadDemo } from '../demo/loadDemo'
import { insertPhoto, photoBytes } from '../queries/photos'
import { allTrays } from '../../../tests/stores/allTrays'
import { folderState } from '../folder/folderState'
import { backupOfCopy, backupOfServer, proveBackup, restoreBackup } from './backups'
import { PROVED } from './proved'
import type { Manifest } from './Manifest'

const MIGRATIONS = path.resolve('src/data/migrations')
const NOW = new Date('2026-11-24T10:00:00Z')
/** Text that SQL, line ends and backslashes could spoil. */
const ODD = "it's \\n not\na \"line\"\r\n\t; -- '' E'x' \u{1F48E}"

let home: string
let backup: string
let manifest: Manifest
let trays: string
/** a picture beside those of the demo */
let added: number
const at = (name: string) => path.join(home, name)
const open = (folder: string) => openStore({ kind: 'folder', folder })

beforeAll(async () => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-backups-'))
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(demoFolder(empty), at('data'), { recursive: true })
  const store = await open(at('data'))
  if (!empty) await loadDemo(store.db, DEMO_DAY)
  const picture = { trayId: 1, caption: ODD, widthPx: 1, heightPx: 1, takenAt: NOW }
  added = await insertPhoto(store.db, {
    ...picture,
    bytes: Uint8Array.from({ length: 5000 }, (_, i) => i % 256),
  })
  trays = await allTrays(store.db)
  // As the running server's folder stands at one moment.
  fs.cpSync(at('data'), at('copy'), { recursive: true })
  await store.close()
  backup = at('whyalon.tar.gz')
  manifest = (await backupOfCopy(at('copy'), MIGRATIONS, backup, NOW)).manifest
}, 240_000)
afterAll(() => fs.rmSync(home, { recursive: true, force: true }))

const rowsOf = ({ tables }: Manifest) => new Map(tables.map(({ table, rows }) => [table, rows]))

async function expectTheShop(store: Store): Promise<void> {
  expect(await allTrays(store.db)).toBe(trays)
  expect(await photoBytes(store.db, added)).toEqual(Uint8Array.from({ length: 5000 }, (_, i) => i % 256))
  // Numbers go on where they were.
  const picture = { trayId: 1, caption: '', widthPx: 1, heightPx: 1, takenAt: NOW, bytes: new Uint8Array() }
  expect(await insertPhoto(store.db, picture)).toBeGreaterThan(added)
  await store.close()
}

describe('a backup', () => {
  it('says what is in it, and leaves nothing of its making behind', () => {
    const rows = rowsOf(manifest)
    expect(rows.get('public.photos')).toBe(added)
    expect(rows.get('public.trays')).toBeGreaterThan(20)
    expect(rows.get('drizzle.__drizzle_migrations')).toBeGreaterThan(30)
    const names = manifest.files.map(({ name }) => name)
    expect(names).toEqual(expect.arrayContaining([`photos/${added}.jpg`, 'rows.sql', 'schema.sql']))
    expect(names).toHaveLength(added + 2)
    expect(fs.readdirSync(home).filter((name) => name.startsWith('whyalon.tar.gz.'))).toEqual([])
  })

  it('restores into a new folder, the same in every row and picture, and works', async () => {
    await restoreBackup(backup, { kind: 'folder', folder: at('restored') }, MIGRATIONS)
    const store = await open(at('restored'))
    await expectTheShop(store)
  }, 240_000)

  it('made of what was restored holds the same', async () => {
    await restoreBackup(backup, { kind: 'folder', folder: at('again') }, MIGRATIONS)
    const { manifest: again } = await backupOfCopy(at('again'), MIGRATIONS, at('again.tar.gz'), NOW)
    expect(again).toEqual(manifest)
  }, 240_000)

  it('is shown to restore, with the time', async () => {
    await proveBackup(backup, MIGRATIONS, NOW)
    expect(fs.readFileSync(`${backup}${PROVED}`, 'utf8')).toBe(NOW.toISOString())
  }, 240_000)

  const server = process.env.TEST_DATABASE_URL
  const onServer = server ? it : it.skip
  onServer(
    'moves to a PostgreSQL server and back',
    async () => {
      const database = await emptyDatabase(server ?? '')
      try {
        await restoreBackup(backup, { kind: 'server', url: database.url }, MIGRATIONS)
        await expect(
          restoreBackup(backup, { kind: 'server', url: database.url }, MIGRATIONS),
        ).rejects.toThrow(/holds tables already/)
        const { manifest: back } = await backupOfServer(database.url, MIGRATIONS, at('server.tar.gz'), NOW)
        expect(back.tables).toEqual(manifest.tables)
        await restoreBackup(at('server.tar.gz'), { kind: 'folder', folder: at('back') }, MIGRATIONS)
        await expectTheShop(await open(at('back')))
        await expectTheShop(await openStore({ kind: 'server', url: database.url }))
      } finally {
        await database.drop()
      }
    },
    240_000,
  )
})

describe('what is no whole backup', () => {
  const folder = () => ({ kind: 'folder', folder: at('target') }) as const
  const restore = (file: string) => restoreBackup(file, folder(), MIGRATIONS)

  /** The backup with something about it changed. */
  async function changed(change: (folder: string) => void, ...more: readonly string[]): Promise<string> {
    const work = fs.mkdtempSync(at('changed-'))
    await tar.extract({ file: backup, cwd: work })
    change(work)
    const file = `${work}.tar.gz`
    await tar.create({ gzip: true, cwd: work, file, preservePaths: true }, [...fs.readdirSync(work), ...more])
    return file
  }
  const edited = (name: string, edit: (text: string) => string) => (work: string) => {
    const file = path.join(work, name)
    fs.writeFileSync(file, edit(fs.readFileSync(file, 'utf8')))
  }
  const cut = () => {
    const file = at('cut.tar.gz')
    const whole = fs.readFileSync(backup)
    fs.writeFileSync(file, whole.subarray(0, Math.floor(whole.length / 2)))
    return Promise.resolve(file)
  }
  const other = () => {
    fs.writeFileSync(at('letter.tar.gz'), 'Dear shop,')
    return Promise.resolve(at('letter.tar.gz'))
  }

  it.each([
    ['cut short', cut, /cut short/],
    ['something else', other, /cannot be unpacked|no manifest/],
    [
      'with a row that was changed',
      () => changed(edited('rows.sql', (text) => text.replace('Harrowmere', 'Harrowmore'))),
      /“rows\.sql” is not as it was written/,
    ],
    [
      'without a picture',
      () => changed((work) => fs.rmSync(path.join(work, 'photos/1.jpg'))),
      /“photos\/1\.jpg” is missing/,
    ],
    [
      'of a newer version',
      () =>
        changed(edited('manifest.json', (text) => text.replace(/"schema": "[^"]*"/, '"schema": "9999_x"'))),
      /tables as of “9999_x”, which this Whyalon does not know/,
    ],
    [
      'in another form',
      () => changed(edited('manifest.json', (text) => text.replace('"format": 1', '"format": 2'))),
      /form 2; this Whyalon reads form 1/,
    ],
    [
      'with something beside it',
      () => changed((work) => fs.writeFileSync(path.join(work, 'run.sh'), 'x')),
      /holds “run\.sh”, which no backup holds/,
    ],
    [
      'that leads out of its folder',
      () => changed(() => fs.writeFileSync(at('outside'), 'x'), '../outside'),
      /which no backup holds|cannot be unpacked/,
    ],
    [
      'with counts that are not true',
      () =>
        changed(
          edited('manifest.json', (text) => text.replace(/("table": "public\.trays",\s*"rows": )\d+/, '$15')),
        ),
      /What was restored of public\.trays is not what the backup says/,
    ],
  ])(
    'is refused %s, and nothing is left of it',
    async (_, make, words) => {
      await expect(restore(await make())).rejects.toThrow(words)
      expect(folderState(at('target'))).toBe('new')
      expect(fs.existsSync(at('target.restoring'))).toBe(false)
    },
    240_000,
  )

  it('is never restored over data', async () => {
    await expect(restoreBackup(backup, { kind: 'folder', folder: at('data') }, MIGRATIONS)).rejects.toThrow(
      /holds data already\. Restore into a new one/,
    )
  })
})
