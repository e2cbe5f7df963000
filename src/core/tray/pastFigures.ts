import type { Hold } from '../fit/Candidate'
import type { LearnedSpread } from '../fit/learned'
import { learnedSpread } from '../fit/learned'
import type { Fractions } from '../fit/Window'
import { formatShares } from '../units/formatMm'
import type { PastRun } from './sizeHistory'

/** A hold as it is kept in words, “Squeeze 5.0 %”, as a share; null for another kind of hold, and where it was not kept. */
export function squeezeOf(hold: string | null): number | null {
  const found = /^Squeeze (-?[\d.]+)/.exec((hold ?? '').replace('−', '-'))
  return found ? Number(found[1]) / 100 : null
}

/** What squeezes went home in this case, drawn towards the handbook's band while they are few; null where none was kept. */
export function learnedSqueeze(
  { title }: Hold,
  handbook: Fractions,
  pastRuns: readonly PastRun[],
): LearnedSpread | null {
  if (title !== 'Squeeze') return null
  const shown = pastRuns.flatMap(({ outcome, hold }) => {
    const squeeze = outcome === 'home' ? squeezeOf(hold) : null
    return squeeze === null ? [] : [squeeze]
  })
  if (shown.length === 0) return null
  const { low, high } = handbook
  return learnedSpread({ mean: (low + high) / 2, standardDeviation: (high - low) / 4 }, shown)
}

/** “Squeezes of 13 runs that went home here: 2.1–5.9 %.” */
export function learnedSqueezeSentence({ mean, standardDeviation, runs }: LearnedSpread): string {
  const [low, high] = [mean - 2 * standardDeviation, mean + 2 * standardDeviation]
  return `Learned from ${runs === 1 ? 'one run that' : `${runs} runs that`} went home here: squeeze ${formatShares(Math.max(0, low), high)}.`
}
