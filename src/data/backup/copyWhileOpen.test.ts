import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { sql } from 'drizzle-orm'
import { openStore } from '../client'
import { ofEngine } from '../connections'
import { sentChanges } from '../schema'
import { sumDifferences } from '../sums/sumDifferences'
import { copyWhileOpen } from './copyWhileOpen'

/** So that the copying has its turn, ms. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 20))

it('a copy of a folder that is being written to is one state of it, with all that was answered before', async () => {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-copy-'))
  const folder = path.join(home, 'data')
  const empty = process.env.WHYALON_EMPTY_STORE
  if (empty) fs.cpSync(empty, folder, { recursive: true })
  const store = await openStore({ kind: 'folder', folder })
  let [going, stored, before] = [true, 0, 0]
  const bench = (async () => {
    while (going) {
      await store.db.insert(sentChanges).values(Array.from({ length: 20 }, () => ({ key: randomUUID() })))
      stored += 20
      if (stored % 200 === 0) await store.db.execute(sql`CHECKPOINT`)
      await pause()
    }
  })()
  while (stored < 200) await pause()
  before = stored
  await copyWhileOpen(folder, path.join(home, 'copy'))
  const after = stored
  going = false
  await bench
  await store.close()
  const copy = await PGlite.create({ dataDir: path.join(home, 'copy') })
  const { rows } = await copy.query<{ n: number }>('SELECT count(*)::int AS n FROM sent_changes')
  expect(await sumDifferences(ofEngine(copy).ask)).toEqual([])
  await copy.close()
  expect(rows[0]?.n).toBeGreaterThanOrEqual(before)
  // What was written while most of it was copied is in it too.
  expect(rows[0]?.n).toBeGreaterThanOrEqual(after)
  expect(after).toBeGreaterThan(before)
  fs.rmSync(home, { recursive: true, force: true })
}, 120_000)
