import { hasHands } from '@/core/construction/kinds'
import type { HandGap } from '@/core/hands/handGaps'
import type { OverDial } from '@/core/hands/handHeights'
import { OVER_DIAL, OVER_DIAL_IDS } from '@/core/hands/handHeights'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { StageId } from '@/core/stages/stages'
import type { OpenedCase } from './openTrayCases'

/** Room between the hands of a piece, as the stage in which they go on shows it. */
export interface HandsView {
  /** the stage in which they go on */
  readonly stage: StageId
  readonly heights: readonly {
    readonly of: OverDial
    readonly dimension: DimensionId
    readonly label: string
    /** mm; null while it was not read since they were set */
    readonly heightMm: number | null
  }[]
  readonly gaps: readonly HandGap[]
  readonly words: string
  /** null while too little is read, and where there is room but not surely */
  readonly isRight: boolean | null
  readonly basis: string
}

/** @returns null where no hands go on in this job, or it has none */
export function handsView({ kept, procedure, hands, rules, facts }: OpenedCase): HandsView | null {
  const { heights, standing } = hands
  const step = procedure.steps.find(({ id }) => id === 'hands-on')
  if (!hasHands(facts.movementKind) || (!step && heights.length === 0)) return null
  const { hands: policy, fit } = rules.policy
  return {
    stage: step?.stage ?? kept.tray.stage,
    heights: OVER_DIAL_IDS.map((of) => ({
      of,
      dimension: OVER_DIAL[of],
      label: DIMENSIONS[OVER_DIAL[of]].label,
      heightMm: heights.find((height) => height.of === of)?.heightMm ?? null,
    })),
    gaps: standing?.gaps ?? [],
    words: standing?.words ?? '',
    isRight: standing?.isRight ?? null,
    basis: `Hands taken as ${policy.thicknessMm} ±${2 * policy.thicknessUncertaintyMm} thick; at least ${policy.leastGapMm} between them and ${fit.minimumHandClearanceMm} to the glass: from memory, to be set by the shop.`,
  }
}
