import { median } from 'simple-statistics'
import { TICKS } from './fitTicks'

const { sqrt, round } = Math

const HOURS = 12
/** About each five minutes so many ticks are laid over each other, half of them to either side. */
const PATCH_TICKS = 3
/** A mark at 12 differs from the other five minutes by so many times what the next one does. */
const LEAST_RATIO = 1.8
/** The dial's is like the ring's by so much, of a correlation, and more than the next one by so much. */
const LEAST_LIKENESS = 0.6
const LEAST_LEAD = 0.2
/** It differs by at least this part of what differs most there: noise is like anything. */
const LEAST_SIZE_SHARE = 0.5
/** Ticks weaker than this part of the usual ones lie under a glare. */
const HIDDEN_SHARE = 0.4

/**
 * Which hour of the inner strip the outer one's 12 belongs to, by the mark both have there and nowhere else. Hands lie over
 * the dial alone: the ring's mark is taken as it is, and looked for on the dial. Under a glare anything could be the mark.
 * @param inner - ticks, the first of them at step 0
 * @param outer - the same, a five minutes of it over each of the inner one's
 * @returns hours the outer one is turned by, 0 to 11; null where that is not sure
 */
export function hoursTurned(inner: Float64Array, outer: Float64Array): number | null {
  const [dial, ring] = [differing(inner), differing(outer)]
  if (dial.isHidden || ring.isHidden) return null
  const sizes = ring.patches.map(sizeOf)
  const [most = 0, next = 0] = sizes.toSorted((a, b) => b - a)
  const at = sizes.indexOf(most)
  const mark = ring.patches[at]
  if (!mark || most < LEAST_RATIO * next) return null
  const likeness = dial.patches.map((patch) => correlation(patch, mark))
  const [best = 0, second = 0] = likeness.toSorted((a, b) => b - a)
  const onDial = likeness.indexOf(best)
  const dialSizes = dial.patches.map(sizeOf)
  const stands = (dialSizes[onDial] ?? 0) >= LEAST_SIZE_SHARE * Math.max(...dialSizes)
  if (!stands || best < LEAST_LIKENESS || best - second < LEAST_LEAD) return null
  return (at - onDial + HOURS) % HOURS
}

interface Differing {
  /** what each five minutes has that the others have not, 12 first */
  readonly patches: readonly (readonly number[])[]
  /** at some of them no ticks are seen */
  readonly isHidden: boolean
}

function differing(strip: Float64Array): Differing {
  const steps = strip.length
  const half = round((PATCH_TICKS * steps) / TICKS / 2)
  const patches = Array.from({ length: HOURS }, (_, hour) =>
    Array.from(
      { length: 2 * half },
      (__, i) => strip[((hour * steps) / HOURS - half + i + steps) % steps] ?? 0,
    ),
  )
  const usual = (patches[0] ?? []).map((_, i) => median(patches.map((patch) => patch[i] ?? 0)))
  const likeUsual = patches.map((patch) => patch.reduce((sum, value, i) => sum + value * (usual[i] ?? 0), 0))
  const own = usual.reduce((sum, value) => sum + value * value, 0)
  return {
    patches: patches.map((patch) => patch.map((value, i) => value - (usual[i] ?? 0))),
    isHidden: likeUsual.some((one) => one < HIDDEN_SHARE * own),
  }
}

function sizeOf(patch: readonly number[]): number {
  return sqrt(patch.reduce((sum, value) => sum + value * value, 0))
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const product = a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0)
  const sizes = sizeOf(a) * sizeOf(b)
  return sizes === 0 ? 0 : product / sizes
}
