// Pages that show many trays, in the server: the Bench with 200 in hand, the list of 5 000 ever opened.
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { quantileSorted } from 'simple-statistics'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { insertTrays, traysInHand } from '@/data/queries/trays'
import { benchView } from '@/services/bench/benchView'
import { findTrays, traysPage } from '@/services/tray/trayPages'

const IN_HAND = 200
const EVER = 5000
const ROUNDS = 15
const BENCH_BUDGET_MS = 300
const LIST_BUDGET_MS = 200
const LIST_BUDGET_KB = 150

const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-bench-'))
const store = await openStore({ kind: 'folder', folder: path.join(home, 'data') })
const now = new Date('2026-11-24T08:00:00Z')
await loadDemo(store.db, now)

const [pattern] = await traysInHand(store.db)
if (!pattern) throw new Error('the demo has no tray in hand')
const { id: _, ...tray } = pattern.tray
const sheets = [...new Set((await traysInHand(store.db)).map(({ sheet }) => sheet.id))]
const like = (number: number, finishedAt: Date | null) => ({
  ...tray,
  number,
  caseSheetId: sheets[number % sheets.length] ?? pattern.sheet.id,
  stage: 'measure' as const,
  finishedAt,
})
const there = (await traysInHand(store.db)).length
const lines = [
  ...Array.from({ length: IN_HAND - there }, (_unused, i) => like(10_000 + i, null)),
  ...Array.from({ length: EVER - IN_HAND }, (_unused, i) => like(20_000 + i, now)),
]
// One statement takes at most 65 535 parameters.
for (let from = 0; from < lines.length; from += 1000)
  await insertTrays(store.db, lines.slice(from, from + 1000))

async function timed<T>(work: () => Promise<T>): Promise<{ medianMs: number; p95Ms: number; last: T }> {
  const times: number[] = []
  let last = await work()
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now()
    last = await work()
    times.push(performance.now() - start)
  }
  times.sort((a, b) => a - b)
  return { medianMs: quantileSorted(times, 0.5), p95Ms: quantileSorted(times, 0.95), last }
}

const bench = await timed(() => benchView(store.db, now))
console.log(
  `Bench with ${bench.last.trays.length} trays in hand: median ${bench.medianMs.toFixed(0)} ms, 95 % within ${bench.p95Ms.toFixed(0)} ms (${(bench.medianMs / BENCH_BUDGET_MS).toFixed(2)} of the budget of ${BENCH_BUDGET_MS} ms)`,
)
const list = await timed(() => traysPage(store.db, ''))
const found = await timed(() => findTrays(store.db, { q: 'ferry' }))
const kilobytes = JSON.stringify(list.last).length / 1024
console.log(
  `tray list of ${list.last.first.total}: median ${list.medianMs.toFixed(0)} ms, a search ${found.medianMs.toFixed(0)} ms (budget ${LIST_BUDGET_MS}), ${kilobytes.toFixed(0)} kB of data (budget ${LIST_BUDGET_KB})`,
)
await store.close()
fs.rmSync(home, { recursive: true, force: true })
