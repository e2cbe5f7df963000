import { median } from 'simple-statistics'
import { TICKS } from './fitTicks'

const { sqrt, round, max } = Math

const HOURS = 12
const FIVE = 5
/** About each five minutes so many ticks are laid over each other, half of them to either side. */
const PATCH_TICKS = 3
/** A mark at 12 stands out from the other five minutes by so many times what the next one does. */
const LEAST_RATIO = 1.8
/** It is the same to either side of the very five minutes, by so much of a correlation: a hand hardly ever is. */
const LEAST_SYMMETRY = 0.7
/** It differs from the usual five minutes by at least this part of what those are themselves: less is noise. */
const LEAST_SIZE_SHARE = 0.3
/** Ticks weaker than this part of the usual ones lie under a glare. */
const HIDDEN_SHARE = 0.5

/**
 * Which hour of the inner strip the outer one's 12 belongs to, by the mark each has there and nowhere else. The two need
 * not look alike: each has to stand out on its own track, seen whole, the same to either side.
 * @param inner - ticks, one of them at step 0
 * @param outer - the same, a five minutes of it over each of the inner one's
 * @returns hours the outer one is turned by, 0 to 11; null where that is not sure
 */
export function hoursTurned(inner: Float64Array, outer: Float64Array): number | null {
  const by = fiveMinutesAt([inner, outer])
  const marks = (strip: Float64Array) => markedHour(shifted(strip, (by * strip.length) / TICKS))
  const [dial, ring] = [marks(inner), marks(outer)]
  // Hands lie over the dial alone. Where part of it is hidden, one that points at an hour could be all that is seen.
  if (dial.at === null || ring.at === null || dial.isHidden) return null
  return (ring.at - dial.at + HOURS) % HOURS
}

interface Marked {
  /** the hour whose five minutes differ from all others as a mark does; null where none does */
  readonly at: number | null
  /** at some of them no ticks are seen */
  readonly isHidden: boolean
}

/** Which of every five ticks differs most from the usual one: the five minutes, counted from step 0. */
function fiveMinutesAt(strips: readonly Float64Array[]): number {
  const scores = Array.from({ length: FIVE }, () => 0)
  for (const strip of strips) {
    const width = strip.length / TICKS
    const ticks = scores.map((_, k) =>
      middleOf(
        Array.from({ length: HOURS }, (__, hour) => around(strip, (hour * FIVE + k) * width, width / 2)),
      ),
    )
    const usual = middleOf(ticks)
    ticks.forEach((tick, k) => {
      scores[k] = (scores[k] ?? 0) + sizeOf(less(tick, usual)) / (sizeOf(usual) || 1)
    })
  }
  return scores.indexOf(max(...scores))
}

function markedHour(strip: Float64Array): Marked {
  const half = round((PATCH_TICKS * strip.length) / TICKS / 2)
  const patches = Array.from({ length: HOURS }, (_, hour) =>
    around(strip, (hour * strip.length) / HOURS, half),
  )
  const usual = middleOf(patches)
  const own = product(usual, usual)
  const hidden = patches.map((patch) => product(patch, usual) < HIDDEN_SHARE * own)
  const scores = patches.map((patch, i) => {
    const differs = less(patch, usual)
    return hidden[i] ? 0 : sizeOf(differs) * max(0, symmetryOf(differs)) ** 2
  })
  const [most = 0, next = 0] = scores.toSorted((a, b) => b - a)
  const at = scores.indexOf(most)
  const mark = less(patches[at] ?? [], usual)
  const isMark =
    most > 0 &&
    most >= LEAST_RATIO * next &&
    symmetryOf(mark) >= LEAST_SYMMETRY &&
    sizeOf(mark) >= LEAST_SIZE_SHARE * sizeOf(usual)
  return { at: isMark ? at : null, isHidden: hidden.includes(true) }
}

/** So many steps to either side of one, round the circle. */
function around(strip: Float64Array, middle: number, half: number): number[] {
  const { length } = strip
  const from = round(middle) - round(half)
  return Array.from({ length: 2 * round(half) + 1 }, (_, i) => strip[(from + i + length) % length] ?? 0)
}

/** Step by step what is usual among them. */
function middleOf(patches: readonly (readonly number[])[]): number[] {
  return (patches[0] ?? []).map((_, i) => median(patches.map((patch) => patch[i] ?? 0)))
}

function shifted(strip: Float64Array, by: number): Float64Array {
  return strip.map((_, i) => strip[(i + by) % strip.length] ?? 0)
}

function less(a: readonly number[], b: readonly number[]): number[] {
  return a.map((value, i) => value - (b[i] ?? 0))
}

function product(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0)
}

function sizeOf(patch: readonly number[]): number {
  return sqrt(product(patch, patch))
}

/** 1 the same to either side, −1 opposite. */
function symmetryOf(patch: readonly number[]): number {
  const size = product(patch, patch)
  return size === 0 ? 0 : product(patch, patch.toReversed()) / size
}
