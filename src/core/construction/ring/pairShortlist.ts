import type { FitWishes, PastPair } from '../../fit/FitWishes'
import type { RingCandidate } from './assessPair'
import { ringFailure } from './ringWords'
import type { RingSeat } from './ringSeat'
import { assessPair, rimStandMm } from './assessPair'
import { isPair, withPast } from '../../fit/withPast'
import { shortlistTally } from '../../fit/shortlistTally'
import type { Shortlist, ShortlistOptions } from '../../fit/shortlistTypes'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { GasketOdds, ShapeFigures } from './pairOdds'
import { oddsOf } from './pairOdds'
import type { StockCrystal, StockGasket } from '../../fit/parts'
import { leastKeyOfShape, pairKey, probabilityRank } from '../../fit/pairKey'
import type { StockIndex } from '../../fit/stockIndex'

/** A pair whose interference lies this far outside its band is not even a near miss, mm. */
const NEAR_MISS_MM = 0.12
/** A gasket this far off the bore is not even a near miss, mm. */
const NEAR_GASKET_MM = 0.3

/**
 * Searches crystals and gaskets together for one case.
 * Gaskets that cannot go into the bore are dropped first; for each that is left only shapes of crystal whose
 * interference can come near its band are looked at, each once for all lines of that shape, and only pairs that are
 * shown are assessed in full. The answer is the same as that of assessing every near pair and sorting them all.
 */
export function pairShortlist(
  index: StockIndex,
  seat: RingSeat,
  wishes: FitWishes,
  options: ShortlistOptions,
): Shortlist<RingCandidate> {
  const { policy } = options
  const tally = shortlistTally<RingCandidate>(wishes, options)
  const { names, with: oddsWith, reachOf } = oddsOf(seat, policy)
  const odds = new Float64Array(names.length)
  /** lines by the constraint they fall to: their names are looked up once */
  const fallenTo = new Float64Array(names.length)
  /** one for all shapes: there are too many to make an object each */
  const figures: ShapeFigures = { diameterMm: NaN, edgeThicknessMm: NaN, reachMm: 0 }

  /** Every line of a shape with one gasket: those there together with it, then those that are not. */
  const judge = (shape: number, gasket: StockGasket, oddsOfShape: GasketOdds, past: readonly PastPair[]) => {
    figures.diameterMm = index.diameters[shape] ?? NaN
    figures.edgeThicknessMm = index.edges[shape] ?? NaN
    figures.reachMm = index.flatInside[shape] ? 0 : reachOf(firstOf(index, shape))
    const together = oddsOfShape(figures, odds)
    for (const stock of STOCKED) {
      // What was pressed here before is judged pair by pair, by its own history.
      const known = past.length === 0 ? NONE : pressedBefore(past, gasket, shape, stock)
      for (const crystal of known)
        tally.take(withPast(assessPair(crystal, gasket, seat, policy), wishes, policy))
      const lines = linesOf(index, shape, gasket, stock) - known.length
      if (lines === 0) continue
      odds[names.length - 1] = stock
      const probability = together * stock
      const fits = probability >= policy.leastProbability
      if (fits) tally.count(lines, null)
      else addTo(fallenTo, worstOf(odds), lines)
      const few = fits ? tally.fitting : tally.rejected
      const failing = fits ? null : failingCount(odds, policy)
      const rank = probabilityRank(probability)
      if (!(failing === null ? few.mayBegin(rank) : few.mayBegin(failing, rank))) continue
      const start = failing === null ? [] : [failing]
      const first = firstOf(index, shape)
      const standing = { rimMm: rimStandMm(first, gasket, seat) }
      const pair = { crystal: first, gasket, probability, standing }
      if (!few.mayEnter([...start, ...leastKeyOfShape(pair, wishes, policy)])) continue
      for (const crystal of crystalsOf(index, shape)) {
        if (stockOf(crystal, gasket) !== stock || known.includes(crystal)) continue
        const key = pairKey({ ...pair, crystal }, wishes, policy)
        few.offer([...start, ...key], () => assessPair(crystal, gasket, seat, policy))
      }
    }
  }

  const pressedBefore = (past: readonly PastPair[], gasket: StockGasket, shape: number, stock: 0 | 1) =>
    crystalsOf(index, shape).filter(
      (crystal) =>
        stockOf(crystal, gasket) === stock && past.some((pair) => isPair({ crystal, gasket }, pair)),
    )

  const { diameters } = index
  const diameterAt = (shape: number) => diameters[shape]
  for (const gasket of gasketsNear(index, seat)) {
    const oddsOfShape = oddsWith(gasket)
    const past = wishes.pastPairs.filter(({ gasketId }) => gasketId === gasket.id)
    const { leastMm, mostMm } = diameterRange(gasket, seat, policy)
    const end = firstAtLeast(diameters.length, diameterAt, mostMm)
    for (let shape = firstAtLeast(diameters.length, diameterAt, leastMm); shape < end; shape++)
      judge(shape, gasket, oddsOfShape, past)
  }
  for (const [at, name] of names.entries()) if (fallenTo[at]) tally.count(fallenTo[at], name)
  return tally.list((name, pair) => ringFailure(name, pair, seat, policy))
}

const STOCKED = [1, 0] as const
const NONE: readonly StockCrystal[] = []

function stockOf(crystal: StockCrystal, gasket: StockGasket): 0 | 1 {
  return crystal.quantity >= 1 && gasket.quantity >= 1 ? 1 : 0
}

function firstOf({ crystals, starts }: StockIndex, shape: number): StockCrystal {
  const first = crystals[starts[shape] ?? 0]
  if (!first) throw new RangeError(`shape ${shape}: the drawers have no such one`)
  return first
}

function crystalsOf({ crystals, starts }: StockIndex, shape: number): readonly StockCrystal[] {
  return crystals.slice(starts[shape], starts[shape + 1])
}

/** Lines of a shape that are there together with the gasket, or that are not. */
function linesOf({ starts, inStock }: StockIndex, shape: number, gasket: StockGasket, stock: 0 | 1): number {
  const all = (starts[shape + 1] ?? 0) - (starts[shape] ?? 0)
  const there = gasket.quantity >= 1 ? (inStock[shape] ?? 0) : 0
  return stock === 1 ? there : all - there
}

/** How many constraints speak against a pair, at least one: see failingConstraints. */
function failingCount(odds: Float64Array, { leastProbability }: FitPolicy): number {
  let failing = 0
  // By place: iterating over a typed array is several times as slow here.
  for (let i = 0; i < odds.length; i++) if ((odds[i] ?? 0) < leastProbability) failing++
  return Math.max(1, failing)
}

function addTo(sums: Float64Array, at: number, more: number): void {
  sums[at] = (sums[at] ?? 0) + more
}

/** The place of the constraint that speaks most against a pair. */
function worstOf(odds: Float64Array): number {
  let worst = 0
  for (let i = 1; i < odds.length; i++) if ((odds[i] ?? 0) < (odds[worst] ?? 0)) worst = i
  return worst
}

/** Gaskets that go into this bore, or nearly. */
function gasketsNear({ gaskets }: StockIndex, seat: Pick<RingSeat, 'bore'>): readonly StockGasket[] {
  const reach = (limitMm: number) =>
    firstAtLeast(gaskets.length, (at) => gaskets[at]?.outerDiameterMm, limitMm)
  // Twice as far either way: what lies on the limit is for the rule to say.
  const [from, to] = [
    reach(seat.bore.valueMm - 2 * NEAR_GASKET_MM),
    reach(seat.bore.valueMm + 2 * NEAR_GASKET_MM),
  ]
  return gaskets.slice(from, to).filter((gasket) => isGasketNear(gasket, seat))
}

export function isGasketNear(
  { outerDiameterMm }: Pick<StockGasket, 'outerDiameterMm'>,
  { bore }: Pick<RingSeat, 'bore'>,
): boolean {
  return Math.abs(outerDiameterMm - bore.valueMm) <= NEAR_GASKET_MM
}

/** Crystal diameters that come near a gasket's band: from the first up to, not with, the second. */
export function diameterRange(
  gasket: StockGasket,
  seat: Pick<RingSeat, 'bore'>,
  policy: FitPolicy,
): { leastMm: number; mostMm: number } {
  const band = policy.interferenceBands[gasket.material]
  const openingMm = seat.bore.valueMm - 2 * gasket.wallMm
  return { leastMm: openingMm + band.lowMm - NEAR_MISS_MM, mostMm: openingMm + band.highMm + NEAR_MISS_MM }
}

/** The first place of an ascending row whose value is not less than a limit. */
function firstAtLeast(length: number, valueAt: (at: number) => number | undefined, limit: number): number {
  let low = 0
  let high = length
  while (low < high) {
    const middle = (low + high) >> 1
    if ((valueAt(middle) ?? Infinity) < limit) low = middle + 1
    else high = middle
  }
  return low
}
