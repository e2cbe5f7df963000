// A shop of years: 5 000 trays with 15 readings each and 200 photographs. How long a backup takes, how long it keeps others
// waiting, and how long every table takes to be compared with its sum at the first start of a day.
import { randomBytes, randomUUID } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import { backupsIn } from '@/data/backup/backupFolder'
import { runBackup } from '@/data/backup/runBackup'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { insertPhoto } from '@/data/queries/photos'
import { insertTrays, traysInHand } from '@/data/queries/trays'
import { sentChanges } from '@/data/schema'
import { noteCheckDue } from '@/data/sums/checkDue'

const EVER = 5000
const READINGS = 15
const PHOTOS = 200
const PHOTO_BYTES = 300_000
const BACKUP_BUDGET_S = 10
const WAIT_BUDGET_MS = 200
const START_BUDGET_MS = 3000

const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-bench-'))
const folder = path.join(home, 'data')
const location = { kind: 'folder', folder } as const
const store = await openStore(location)
const now = new Date('2026-11-24T08:00:00Z')
await loadDemo(store.db, now)
const [pattern] = await traysInHand(store.db)
if (!pattern) throw new Error('the demo has no tray in hand')
const { id: patternId, ...tray } = pattern.tray
for (let from = 0; from < EVER; from += 1000)
  await insertTrays(
    store.db,
    Array.from({ length: 1000 }, (_, i) => ({ ...tray, number: 20_000 + from + i, finishedAt: now })),
  )
await store.db.execute(sql`
  INSERT INTO readings (tray_id, dimension, place_index, shown_mm, instrument_id, resolution_mm,
    maximum_permissible_error_mm, zero_offset_mm, own_uncertainty_mm, zero_uncertainty_mm, scale_uncertainty, source, taken_at)
  SELECT t.id, 'bore', n, 30.9 + n * 0.01, 1, 0.01, 0.03, 0, 0.003, 0.017, 0, 'typed', now()
  FROM trays t, generate_series(1, ${READINGS}) n WHERE t.number >= 20000`)
for (let n = 0; n < PHOTOS; n++)
  await insertPhoto(store.db, {
    trayId: patternId,
    caption: `picture ${n}`,
    widthPx: 1600,
    heightPx: 1200,
    takenAt: now,
    bytes: randomBytes(PHOTO_BYTES),
  })

/** Stores a key again and again, as a bench does readings, and keeps the longest time one took. */
const backups = path.join(home, 'backups')
let [working, longestMs, writtenAt] = [true, 0, 0]
const bench = (async () => {
  while (working) {
    const start = performance.now()
    await store.db.insert(sentChanges).values({ key: randomUUID() })
    longestMs = Math.max(longestMs, performance.now() - start)
    if (writtenAt === 0 && backupsIn(backups).length > 0) writtenAt = performance.now()
    await new Promise((resolve) => setTimeout(resolve, 10))
  }
})()
const start = performance.now()
const run = await runBackup(location, backups, new Date())
const seconds = (performance.now() - start) / 1000
const written = (writtenAt - start) / 1000
working = false
await bench
if (!run.ok) throw new Error(run.why)
const megabytes = (backupsIn(backups)[0]?.bytes ?? 0) / 1_000_000
console.log(
  `backup of ${EVER} trays and ${PHOTOS} photographs, ${megabytes.toFixed(0)} MB: written in ${written.toFixed(1)} s (${(written / BACKUP_BUDGET_S).toFixed(2)} of the budget of ${BACKUP_BUDGET_S} s), shown to restore after ${seconds.toFixed(1)} s`,
)
console.log(
  `a change stored meanwhile waited ${longestMs.toFixed(0)} ms at most (${(longestMs / WAIT_BUDGET_MS).toFixed(2)} of the budget of ${WAIT_BUDGET_MS} ms)`,
)
await store.close()

async function opened(): Promise<number> {
  const began = performance.now()
  const again = await openStore(location)
  const ms = performance.now() - began
  await again.close()
  return ms
}
await opened()
const unchecked = await opened()
noteCheckDue(folder)
const checked = await opened()
console.log(
  `opening with every table compared with its sum: ${checked.toFixed(0)} ms, without ${unchecked.toFixed(0)} ms (${(checked / START_BUDGET_MS).toFixed(2)} of the budget of ${START_BUDGET_MS} ms)`,
)
fs.rmSync(home, { recursive: true, force: true })
