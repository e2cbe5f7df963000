// Accepted reading → updated verdict and shortlist, in the server: demo drawers, then 100 000 crystals and 5 000 gaskets.
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { quantileSorted } from 'simple-statistics'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { insertCrystals, insertGaskets } from '@/data/queries/stock'
import { drawersInMemory } from '@/services/drawers/drawersInMemory'
import { trayByItsNumber } from '@/services/tray/trayPages'
import { takeBackReading, takeReading } from '@/services/tray/takeReading'
import { seededRandom } from '@/devices/seededRandom'

const READINGS = 60
const STOCK_LINES = 100_000
const GASKET_LINES = 5000
const BUDGET_MS = 100
const TRAY = 214

const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-bench-'))
const store = await openStore({ kind: 'folder', folder: path.join(home, 'data') })
await loadDemo(store.db, new Date('2026-11-24T00:00:00Z'))

/** Milliseconds of one accepted reading: stored, verdict and shortlist computed, the page's data made. */
async function acceptedReadingMs(): Promise<{ medianMs: number; p95Ms: number; kilobytes: number }> {
  const view = await trayByItsNumber(store.db, TRAY)
  if (!view) throw new Error('the demo tray is missing')
  const times: number[] = []
  let kilobytes = 0
  for (let i = 0; i < READINGS; i++) {
    const start = performance.now()
    const input = {
      trayId: view.tray.id,
      dimension: 'bore',
      placeIndex: 0,
      text: '30.94',
      instrumentId: 1,
      source: 'typed',
      confirmed: false,
    }
    const result = await takeReading(store.db, input, new Date())
    times.push(performance.now() - start)
    if (!result.ok) throw new Error(JSON.stringify(result))
    kilobytes = JSON.stringify(result.view).length / 1024
    const readingId = result.view.readings.at(-1)?.id
    await takeBackReading(store.db, { trayId: view.tray.id, readingId, reason: 'benchmark' }, new Date())
  }
  const sorted = times.sort((a, b) => a - b)
  return { medianMs: quantileSorted(sorted, 0.5), p95Ms: quantileSorted(sorted, 0.95), kilobytes }
}

const small = await acceptedReadingMs()
const random = seededRandom(5)
await insertCrystals(
  store.db,
  Array.from({ length: STOCK_LINES }, (_, i) => {
    const thickness = 0.8 + 0.1 * random.index(20)
    return {
      code: `B-${i}`,
      drawer: 'B',
      diameterMm: Number((18 + 0.1 * random.index(220)).toFixed(1)),
      edgeThicknessMm: thickness,
      centreThicknessMm: thickness,
      undersideRiseMm: 0,
      bevelMm: 0.2,
      material: 'mineral' as const,
      profile: 'flat' as const,
      quantity: random.index(5),
      priceCents: 500,
    }
  }),
)
await insertGaskets(
  store.db,
  Array.from({ length: GASKET_LINES }, (_, i) => ({
    code: `BG-${i}`,
    drawer: 'BG',
    outerDiameterMm: Number((19 + 0.01 * random.index(2200)).toFixed(2)),
    wallMm: 0.35 + 0.05 * random.index(6),
    heightMm: 0.8 + 0.1 * random.index(14),
    section: 'I' as const,
    footMm: 0,
    material: 'nylon' as const,
    colour: 'black',
    quantity: random.index(5),
    priceCents: 120,
  })),
)
const readStart = performance.now()
await drawersInMemory(store.db)
const readMs = performance.now() - readStart
const large = await acceptedReadingMs()
await store.close()
fs.rmSync(home, { recursive: true, force: true })

const line = (name: string, r: typeof small) =>
  `${name}: median ${r.medianMs.toFixed(1)} ms, 95 % within ${r.p95Ms.toFixed(1)} ms, ${(BUDGET_MS / r.p95Ms).toFixed(1)} times inside the ${BUDGET_MS} ms budget, ${r.kilobytes.toFixed(0)} kB of data`
console.log(line('accepted reading, 120 crystals', small))
console.log(line(`accepted reading, ${STOCK_LINES + 120} crystals and ${GASKET_LINES} gaskets more`, large))
console.log(
  `${Math.round(STOCK_LINES / 120)} times the crystals take ${(large.medianMs / small.medianMs).toFixed(2)} times as long; reading the drawers into memory once took ${readMs.toFixed(0)} ms`,
)
