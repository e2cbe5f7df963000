import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { sql } from 'drizzle-orm'
import { testStores } from '../../../tests/stores/testStores'
import type { Db, Store } from '../client'
import { openStore } from '../client'
import type { Ask } from '../Connection'
import { claimKey, forgetKeys, keepAnswer } from '../queries/sentChanges'
import { SumsDifferError } from './checkSums'
import { inWords, sumDifferences } from './sumDifferences'

const key = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const ROWS = 600

const asks =
  (db: Db): Ask =>
  async (statement) => {
    const answer = await db.execute(sql.raw(statement))
    return (answer as { readonly rows: Record<string, unknown>[] }).rows
  }
const differences = async (db: Db) => (await sumDifferences(asks(db))).map(inWords)

describe.each(testStores())('sums of what is written, in $name', (kind) => {
  let store: Store
  beforeAll(async () => {
    store = await kind.open()
  }, 120_000)
  afterAll(() => store.close())

  it('hold through all that is written: rows added, changed, added once more, let go, all at once', async () => {
    const { db } = store
    for (let n = 0; n < 20; n++) await claimKey(db, key(n))
    await claimKey(db, key(3))
    await keepAnswer(db, key(4), { ok: true })
    expect(await differences(db)).toEqual([])
    await forgetKeys(db, new Date(Date.now() + 30 * 24 * 3_600_000))
    await db.execute(sql`TRUNCATE sent_changes`)
    await claimKey(db, key(5))
    expect(await differences(db)).toEqual([])
  })

  it('count nothing of what was undone', async () => {
    const undone = store.db.transaction(async (tx) => {
      await claimKey(tx, key(90))
      throw new Error('undone')
    })
    await expect(undone).rejects.toThrow('undone')
    expect(await differences(store.db)).toEqual([])
  })

  it('show rows that are missing, more than were written, or not as they were written', async () => {
    const { db } = store
    const unseen = async (statement: string) => {
      await db.execute(sql`ALTER TABLE sent_changes DISABLE TRIGGER USER`)
      await db.execute(sql.raw(statement))
      await db.execute(sql`ALTER TABLE sent_changes ENABLE TRIGGER USER`)
      return differences(db)
    }
    for (let n = 10; n < 14; n++) await claimKey(db, key(n))
    expect(await unseen(`UPDATE sent_changes SET revision = 7 WHERE key = '${key(10)}'`)).toEqual([
      'sent_changes: not all of its 5 rows are as they were written',
    ])
    expect(await unseen(`DELETE FROM sent_changes WHERE key = '${key(10)}'`)).toEqual([
      'sent_changes: 1 of 5 rows are missing',
    ])
    expect(await unseen(`INSERT INTO sent_changes (key) VALUES ('${key(10)}'), ('${key(15)}')`)).toEqual([
      'sent_changes: 1 rows more than were written',
    ])
  })
})

describe('a folder that lost something', () => {
  let home: string
  let whole: string
  /** of the table sent_changes, in the folder */
  let file: string

  beforeAll(async () => {
    home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-sums-'))
    whole = path.join(home, 'whole')
    const empty = process.env.WHYALON_EMPTY_STORE
    if (empty) fs.cpSync(empty, whole, { recursive: true })
    const store = await openStore({ kind: 'folder', folder: whole })
    const { db } = store
    await db.execute(
      sql`INSERT INTO sent_changes (key) SELECT gen_random_uuid() FROM generate_series(1, ${ROWS})`,
    )
    const [found] = await asks(db)("SELECT pg_relation_filepath('sent_changes') AS file")
    file = String(found?.['file'])
    await store.close()
  }, 120_000)
  afterAll(() => fs.rmSync(home, { recursive: true, force: true }))

  const PAGE = 8192
  const cut = (at: string) => fs.truncateSync(at, fs.statSync(at).size - PAGE)
  const zeroed = (at: string) => {
    const bytes = fs.readFileSync(at)
    bytes.fill(0, PAGE, 2 * PAGE)
    fs.writeFileSync(at, bytes)
  }

  /** Opens a copy to which something happened while nobody looked, as after a kill: the lock was left. */
  async function opened(damage: (at: string) => void, lock = true): Promise<string> {
    const folder = fs.mkdtempSync(path.join(home, 'copy-'))
    fs.cpSync(whole, folder, { recursive: true })
    damage(path.join(folder, file))
    if (lock) fs.writeFileSync(`${folder}.lock`, '{}')
    try {
      const store = await openStore({ kind: 'folder', folder })
      await store.close()
      return 'open'
    } catch (error) {
      return error instanceof Error ? error.message : ''
    }
  }

  it.each([
    ['with a table that was cut short', cut, /sent_changes: \d+ of 600 rows are missing/],
    ['with a page of zeros', zeroed, /sent_changes: \d+ of 600 rows are missing/],
    [
      'without the file of a table',
      (at: string) => fs.rmSync(at),
      /sent_changes: cannot be read \(600 rows\)/,
    ],
  ])(
    'is not opened %s, and says what is missing and what to do',
    async (_, damage, words) => {
      const said = await opened(damage)
      expect(said).toMatch(words)
      expect(said).toContain('run “npm run doctor”')
    },
    60_000,
  )

  it('is opened where nothing was lost, and looked through again only on another day', async () => {
    expect(await opened(() => undefined)).toBe('open')
    // Looked through today, and ended well: what happens to the files meanwhile shows tomorrow.
    expect(await opened(cut, false)).toBe('open')
  }, 60_000)

  it('is not opened on a second try either, though it was looked through today', async () => {
    const folder = path.join(home, 'twice')
    fs.cpSync(whole, folder, { recursive: true })
    cut(path.join(folder, file))
    fs.writeFileSync(`${folder}.lock`, '{}')
    const again = () => openStore({ kind: 'folder', folder })
    await expect(again()).rejects.toThrow(SumsDifferError)
    await expect(again()).rejects.toThrow(SumsDifferError)
  }, 60_000)

  it('gathers its lines once a day', async () => {
    const folder = path.join(home, 'gathered')
    fs.cpSync(whole, folder, { recursive: true })
    fs.writeFileSync(`${folder}.lock`, '{}')
    await (await openStore({ kind: 'folder', folder })).close()
    const engine = await PGlite.create({ dataDir: folder })
    const { rows } = await engine.query('SELECT table_name FROM table_sums GROUP BY 1 HAVING count(*) > 1')
    await engine.close()
    expect(rows).toEqual([])
  }, 60_000)
})
