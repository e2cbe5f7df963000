// A shop that works as fast as it can until it is killed. Says on its output what it sends and what was answered as stored;
// first of all it looks whether what the one before it was answered is there, once each, and sends again what was not
// answered: shopWorker.ts FOLDER LEDGER SEED BACKUPS
import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import type { SQL } from 'drizzle-orm'
import { count, eq, inArray, isNotNull, like, sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { guessColumns } from '@/core/stock-list/listColumns'
import { seededRandom } from '@/devices/seededRandom'
import { openStore } from '@/data/client'
import { dataTrouble } from '@/data/errors'
import { runBackup } from '@/data/backup/runBackup'
import { insertCrystals } from '@/data/queries/stock'
import { crystals, readings, sentChanges, stockMoves } from '@/data/schema'
import { importParts } from '@/services/drawers/importParts'
import { receivePart } from '@/services/drawers/stockCount'
import { storedOnce, underKey } from '@/services/sentOnce'
import { takeReading } from '@/services/tray/takeReading'
import { openBrokenTray } from '../stores/brokenTray'
import type { Ledger, Sent } from './Ledger'
import { IMPORT_LINES, LIST_LINES, say } from './Ledger'

const [folder = '', ledgerFile = '', seed = '1', backups = ''] = process.argv.slice(2)
const HEADINGS = ['Code', 'Diameter (mm)', 'Edge thickness (mm)', 'Material']
/** Said wherever there was too little room. */
const FULL = 'Make room'
const random = seededRandom(Number(seed))
const { db } = await openStore({ kind: 'folder', folder })
say('open')
const ledger = JSON.parse(fs.readFileSync(ledgerFile, 'utf8')) as Ledger
await expectLedger(ledger)
await expectImports(ledger)
for (const change of ledger.unsure) await send(change)
await expectTotals()

const now = new Date()
const { tray, instruments } = await openBrokenTray(db, `Torture ${randomUUID()}`, now)
say('whole')
if (backups !== '') void runBackup({ kind: 'folder', folder }, backups, now)
for (;;) {
  const at = random.uniform(0, 1)
  if (at < 0.08) await onceThereIsRoom(() => db.execute(sql`CHECKPOINT`))
  const kind = at < 0.8 ? 'reading' : at < 0.94 ? 'receive' : at < 0.98 ? 'list' : 'import'
  await send({ key: randomUUID(), kind, trayId: tray.id, instrumentId: instruments[0]?.id ?? 0 })
}

async function send(change: Sent): Promise<void> {
  say(`sent ${JSON.stringify(change)}`)
  const answer = await onceThereIsRoom(() => changeOf(change))
  if (!answer.ok) throw new Error(`refused: ${JSON.stringify(answer)}`)
  say(`${change.kind === 'import' ? 'imported' : 'stored'} ${change.key}`)
}

/** Tries again, as a person does, for as long as it is said that the disk is full; nothing is started anew. */
async function onceThereIsRoom<T>(change: () => Promise<T>): Promise<T> {
  for (;;) {
    const answer = await change().catch((error: unknown) => {
      const trouble = dataTrouble(error)
      if (trouble === null) throw error
      return { trouble }
    })
    // An action says so in its refusal, the engine by an error.
    if (!JSON.stringify(answer).includes(FULL)) return answer as T
    say('full')
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

function changeOf({ key, kind, trayId, instrumentId }: Sent): Promise<{ readonly ok: boolean }> {
  if (kind === 'reading')
    return underKey(key, () =>
      takeReading(
        db,
        {
          trayId,
          dimension: 'bore',
          placeIndex: 0,
          text: '30.95',
          instrumentId,
          source: 'typed',
          confirmed: true,
        },
        new Date(),
      ),
    )
  if (kind === 'receive')
    return storedOnce(db, key, (tx) => receivePart(tx, { kind: 'crystal', partId: 1, pieces: 1 }, new Date()))
  if (kind === 'import') return importParts(db, supplierList(key), new Date(), () => true)
  return storedOnce(db, key, async (tx) => {
    await insertCrystals(tx, listOf(key))
    return { ok: true as const }
  })
}

/** Lines of a supplier's list, as an import stores them: all or none. */
function listOf(key: string) {
  return Array.from({ length: LIST_LINES }, (_, line) => ({
    supplier: `list ${key}`,
    code: `${key.slice(0, 8)}-${line}`,
    drawer: 'A 1',
    supplierCode: String(line),
    diameterMm: 30,
    edgeThicknessMm: 1,
    centreThicknessMm: 1,
    material: 'mineral' as const,
    profile: 'flat' as const,
    quantity: 1,
  }))
}

/** A supplier's list as a person imports it, batch by batch; what is imported once more lands once. */
function supplierList(key: string) {
  const lines = Array.from(
    { length: IMPORT_LINES },
    (_, line) => `${key.slice(0, 8)}:${line},30.0,1.0,mineral`,
  )
  return {
    text: [HEADINGS.join(','), ...lines].join('\n'),
    reading: {
      kind: 'crystal',
      supplier: `import ${key}`,
      mapping: guessColumns('crystal', HEADINGS, []),
      defaults: {},
      prefix: '',
    },
  }
}

/** Every import that was answered as done has all its lines. */
async function expectImports({ imported }: Ledger): Promise<void> {
  for (const key of imported) {
    const lines = await rowsOf(crystals, eq(crystals.supplier, `import ${key}`))
    if (lines !== IMPORT_LINES) fail(`${lines} lines of ${IMPORT_LINES} that were imported`)
  }
}

async function expectLedger({ stored }: Ledger): Promise<void> {
  if (stored.length === 0) return
  const found = await rowsOf(sentChanges, inArray(sentChanges.key, [...stored]))
  if (found !== stored.length) fail(`lost ${stored.length - found} of ${stored.length}`)
}

/** Every change stands beside its key: as many of one as of the other. */
async function expectTotals(): Promise<void> {
  const ofTrays = await rowsOf(sentChanges, isNotNull(sentChanges.trayId))
  const others = (await rowsOf(sentChanges)) - ofTrays
  const [read, moves] = [await rowsOf(readings), await rowsOf(stockMoves)]
  const lines = await rowsOf(crystals, like(crystals.supplier, 'list %'))
  if (read !== ofTrays) fail(`${read} readings of ${ofTrays} that were sent`)
  if (moves * LIST_LINES + lines !== others * LIST_LINES)
    fail(`${moves} moves and ${lines} lines of ${others} that were sent`)
  const [counted] = await db.select({ pieces: crystals.quantity }).from(crystals).where(eq(crystals.id, 1))
  if (counted?.pieces !== moves) fail(`${counted?.pieces} pieces after ${moves} moves`)
}

async function rowsOf(table: PgTable, where?: SQL): Promise<number> {
  const [found] = await db.select({ n: count() }).from(table).where(where)
  return found?.n ?? 0
}

function fail(why: string): never {
  say(`wrong ${why}`)
  process.exit(1)
}
