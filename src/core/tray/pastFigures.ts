import type { Hold } from '../fit/Candidate'
import type { LearnedSpread } from '../fit/learned'
import { learnedSpread } from '../fit/learned'
import type { StockCrystal, StockGasket } from '../fit/parts'
import type { Fractions } from '../fit/Window'
import { pressForceN } from '../press/pressForce'
import { formatShares } from '../units/formatMm'
import type { PastRun } from './sizeHistory'

/** A hold as it is kept in words, “Squeeze 5.0 %”, as a share; null for another kind of hold, and where it was not kept. */
function squeezeOf(hold: string | null): number | null {
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

/** What the press will ask, as far as it can be told before. N. */
export interface ForeseenForce extends LearnedSpread {
  /** by the figures alone */
  readonly byFigures: number
}

/** How far a first guess of a force may be off, share. From memory. */
const GUESS_SPREAD = 0.3

/**
 * The force a ring and crystal ask, the forces of good runs here weighed in; null where nothing tells: no ring, or one
 * that is not squeezed.
 */
export function foreseenForce(
  crystal: Pick<StockCrystal, 'diameterMm'>,
  gasket: Pick<StockGasket, 'material' | 'heightMm'> | null,
  hold: string | null,
  pastRuns: readonly PastRun[],
): ForeseenForce | null {
  const squeeze = squeezeOf(hold)
  if (!gasket || squeeze === null || squeeze <= 0) return null
  const byFigures = pressForceN(gasket, crystal.diameterMm, squeeze)
  const shown = pastRuns.flatMap(({ outcome, peakForceN, slideForceN }) => {
    const force = slideForceN ?? peakForceN
    return outcome === 'home' && force !== null ? [force] : []
  })
  return {
    byFigures,
    ...learnedSpread({ mean: byFigures, standardDeviation: GUESS_SPREAD * byFigures }, shown),
  }
}
