// Shortlist over large drawers against the straightforward way, and how it grows. Times are of one run on one machine.
import { figure, ringSeatOf } from '../tests/factories/crystalSeats'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { quantileSorted } from 'simple-statistics'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { shortlist } from '@/core/fit/shortlist'
import { stockIndex } from '@/core/fit/stockIndex'
import { seededRandom } from '@/devices/seededRandom'
import { plainShortlist } from '../tests/factories/plainShortlist'
import { stockCrystal, stockGasket } from '../tests/factories/parts'

const GASKETS = 5000
const SIZES = [1000, 10_000, 100_000]
const CASES = 60
const PLAIN_CASES = 2
const BUDGET_MS = 100

const random = seededRandom(17)
const walls = [0.35, 0.4, 0.45, 0.5, 0.55, 0.6]
const edges = Array.from({ length: 22 }, (_, i) => 0.8 + i / 10)

function crystals(count: number): StockCrystal[] {
  return Array.from({ length: count }, (_, i) => {
    const edgeThicknessMm = edges[random.index(edges.length)] ?? 1
    return stockCrystal({
      id: i + 1,
      code: `C${i}`,
      diameterMm: (180 + random.index(220)) / 10,
      edgeThicknessMm,
      centreThicknessMm: edgeThicknessMm,
      material: random.index(3) === 0 ? 'sapphire' : 'mineral',
      quantity: random.index(6),
      priceCents: 400 + 10 * random.index(300),
    })
  })
}

function gaskets(count: number): StockGasket[] {
  return Array.from({ length: count }, (_, i) =>
    stockGasket({
      id: i + 1,
      code: `G${i}`,
      outerDiameterMm: (1880 + random.index(2200)) / 100,
      wallMm: walls[random.index(walls.length)] ?? 0.5,
      heightMm: 0.8 + random.index(14) / 10,
      material: random.index(4) === 0 ? 'nitrile' : 'nylon',
      quantity: random.index(6),
    }),
  )
}

const seat = () =>
  ringSeatOf({
    bore: figure(random.uniform(20, 39)),
    boreOvalityMm: 0.01,
    seatDepth: figure(random.uniform(0.9, 2.2)),
    handsBelowSeat: figure(0.5, 0.05),
    foundThickness: null,
  })
const wishes = {
  sizeMm: null,
  material: 'mineral',
  profile: null,
  magnifier: null,
  arCoating: null,
  gasketColour: null,
  lastTime: null,
  pastPairs: [],
  between: null,
} as const

function timed(work: () => unknown): number {
  const start = performance.now()
  work()
  return performance.now() - start
}

const rings = gaskets(GASKETS)
for (const size of SIZES) {
  const stock = crystals(size)
  const laidOut = timed(() => stockIndex(stock, rings))
  const index = stockIndex(stock, rings)
  const cases = Array.from({ length: CASES }, seat)
  for (const one of cases.slice(0, 5)) shortlist(index, one, wishes, { policy: FIT_POLICY })
  let pairs = 0
  const times = cases
    .map((one) =>
      timed(() => {
        const list = shortlist(index, one, wishes, { policy: FIT_POLICY })
        pairs += list.fittingCount + list.rejectedCount
      }),
    )
    .sort((a, b) => a - b)
  const median = quantileSorted(times, 0.5)
  const p95 = quantileSorted(times, 0.95)
  const plain = cases
    .slice(0, PLAIN_CASES)
    .map((one) => timed(() => plainShortlist(stock, rings, one, wishes)))
  const plainMean = plain.reduce((sum, ms) => sum + ms, 0) / plain.length
  console.log(
    `shortlist over ${size} crystals × ${GASKETS} gaskets: median ${median.toFixed(1)} ms, 95 % within ${p95.toFixed(1)} ms (${(p95 / BUDGET_MS).toFixed(2)} of the budget), ${Math.round(pairs / CASES)} near pairs a case, ${(plainMean / median).toFixed(0)} times as fast as assessing and sorting every near pair; laid out in ${laidOut.toFixed(0)} ms`,
  )
}
