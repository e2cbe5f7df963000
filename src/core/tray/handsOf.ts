import { seenFromSeat } from '../construction/seenFromSeat'
import type { Underside } from '../fit/handClearance'
import type { GlassOver } from '../hands/handGaps'
import type { HandHeight } from '../hands/handHeights'
import { handHeights } from '../hands/handHeights'
import type { StandingHands } from '../hands/standingHands'
import { standingHands } from '../hands/standingHands'
import type { ShopPolicy } from '../policy/ShopPolicy'
import type { PartMove } from '../trail/partMoves'
import { partsTrail } from '../trail/partsTrail'
import type { CaseByFigures } from './caseByFigures'
import { figureOf } from './caseFigures'
import type { KeptReading, KeptTray } from './KeptTray'

interface HandsBasis {
  /** readings that stand */
  readonly standing: readonly KeptReading[]
  /** oldest first */
  readonly moves: () => readonly PartMove[]
  /** asked only where a height was read */
  readonly now: () => CaseByFigures
  /** the crystal it came in with; null where it cannot be told */
  readonly original: () => Underside | null
  readonly policy: Pick<ShopPolicy, 'fit' | 'hands'>
}

/** The hands of a piece by heights read over the dial. */
export interface HandsByHeights {
  /** those that count */
  readonly heights: readonly HandHeight[]
  /** null while they tell of no gap */
  readonly standing: StandingHands | null
}

/** How the hands of a tray's piece stand by heights read since they were set. */
export function handsOf(
  { picked, trail }: Pick<KeptTray, 'picked' | 'trail'>,
  { standing, moves, now, original, policy }: HandsBasis,
): HandsByHeights {
  const areOff = partsTrail(trail).some(({ part, open }) => part === 'hand' && open > 0)
  const read = handHeights(standing, moves())
  // What was read beside a hand that lies in its pocket is no height of it.
  const heights = areOff ? read.filter(({ of }) => of === 'marker') : read
  if (heights.length === 0) return { heights, standing: null }
  return { heights, standing: standingHands(heights, glassOver(), policy.hands) }

  function glassOver(): GlassOver | null {
    const { readout, sheet } = now()
    const dialBelowSeat = figureOf('dial-below-seat', readout.measured, sheet)
    const underside = picked?.crystal ?? original()
    if (!dialBelowSeat || !underside) return null
    return {
      ...{ dialBelowSeat, underside },
      underEdgeMm: picked?.gasket?.footMm ?? 0,
      handTips: seenFromSeat(readout.measured, sheet).handTips,
      leastMm: policy.fit.minimumHandClearanceMm,
    }
  }
}
