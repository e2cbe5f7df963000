import { TICKS } from './fitTicks'
import { hoursTurned } from './twelveMark'

const { sqrt } = Math

/** How far a tick is known: the very one, but for whole five minutes, or no more than that it is a tick. */
export type KnownTick = 'tick' | 'five-minutes' | 'no-more'

export interface WhichTick {
  /** whole ticks that the outer track is turned by besides, −30 to 29; where that is not known, the fewest */
  readonly ticks: number
  readonly known: KnownTick
}

const FIVE_MINUTES = 5
/** A turn is told from the next best where it correlates better by so much. */
const LEAST_LEAD = 0.15
const LEAST_CORRELATION = 0.3

/**
 * Which tick belongs to which. What of the two tracks does not repeat every tick is laid over each other at every whole
 * turn: that tells the five minutes; which of them is 12 is told by its mark.
 * @param inner - ticks about their own middle, its turn within a tick taken out
 * @param outer - the same
 * @param seen - by window round the circle: where both tracks are seen
 */
export function whichTick(inner: Float64Array, outer: Float64Array, seen: readonly boolean[]): WhichTick {
  const steps = inner.length
  const used = inner.map((_, i) => (seen[Math.floor((i * seen.length) / steps)] ? 1 : 0))
  const minutes = correlations(unrepeated(inner, TICKS, used), unrepeated(outer, TICKS, used), used, TICKS)
  // Every fifth turn lays the five minutes over each other alike.
  const byFive = Array.from({ length: FIVE_MINUTES }, (_, k) =>
    meanOf(minutes.filter((_, i) => i % FIVE_MINUTES === k)),
  )
  const five = leaderOf(byFive)
  const turned = five.leads ? hoursTurned(inner, shifted(outer, (five.at * steps) / TICKS)) : null
  // Where nothing tells the hour, the least turn is the likeliest.
  const ticks = (turned ?? 0) * FIVE_MINUTES + five.at
  return {
    ticks: nearest(ticks, turned === null ? FIVE_MINUTES : TICKS),
    known: !five.leads ? 'no-more' : turned === null ? 'five-minutes' : 'tick',
  }
}

/** The same tick counted the short way round. */
function nearest(ticks: number, round: number): number {
  return ticks >= round / 2 ? ticks - round : ticks
}

function shifted(strip: Float64Array, by: number): Float64Array {
  return strip.map((_, i) => strip[(i + by) % strip.length] ?? 0)
}

interface Leader {
  readonly at: number
  /** it is told from the next best */
  readonly leads: boolean
}

function leaderOf(scores: readonly number[]): Leader {
  const [best = 0, second = 0] = scores.toSorted((x, y) => y - x)
  return { at: scores.indexOf(best), leads: best > LEAST_CORRELATION && best - second > LEAST_LEAD }
}

function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/** What of a strip is not the same at every one of `times` places round it. */
function unrepeated(strip: Float64Array, times: number, used: Float64Array): Float64Array {
  const width = strip.length / times
  const sums = new Float64Array(width)
  const counts = new Float64Array(width)
  strip.forEach((value, i) => {
    if (!used[i]) return
    sums[i % width] = (sums[i % width] ?? 0) + value
    counts[i % width] = (counts[i % width] ?? 0) + 1
  })
  return strip.map((value, i) => {
    const count = counts[i % width] ?? 0
    return count === 0 ? 0 : value - (sums[i % width] ?? 0) / count
  })
}

/** Of two strips at each of `turns` turns of the second. */
function correlations(a: Float64Array, b: Float64Array, used: Float64Array, turns: number): number[] {
  const steps = a.length
  return Array.from({ length: turns }, (_, k) => {
    const shift = (k * steps) / turns
    let [ab, aa, bb] = [0, 0, 0]
    for (let i = 0; i < steps; i++) {
      const j = (i + shift) % steps
      if (!used[i] || !used[j]) continue
      const [x, y] = [a[i] ?? 0, b[j] ?? 0]
      ab += x * y
      aa += x * x
      bb += y * y
    }
    return aa > 0 && bb > 0 ? ab / sqrt(aa * bb) : 0
  })
}
