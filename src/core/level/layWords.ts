import { leanText } from './leanWords'
import { leftHourFor } from './leftHourFor'
import type { PressLean } from './pressLean'
import { heavySideDeg, sideAt } from './pressLean'
import type { TiltVector } from './RimHeight'
import { highSideDeg } from './RimHeight'

/** Where nothing tells otherwise: one way for every case, so that runs can be compared. */
export const USUAL_LEFT_HOUR = 12

/** How a case is laid, and why, in words. */
export interface LayWords {
  /** the hour to lay at the press's left; null where nobody knows how it lay */
  readonly leftHour: number | null
  readonly action: string
  readonly why: string
}

/** How to lay a case for its first push. @param lean - of the press; null while it is not known */
export function layFirst(lean: PressLean | null): LayWords {
  const leftHour = USUAL_LEFT_HOUR
  const action = `Lay ${leftHour} at the press’s left`
  if (!lean?.isKnown) {
    return {
      leftHour,
      action,
      why: 'the same way for every case: with rim heights it shows how the press leans',
    }
  }
  return {
    leftHour,
    action: `${action}; after the first push turn the case half round, ${leftHour} at the right, and push again`,
    why: `it pushes its ${sideAt(heavySideDeg(lean))} ${leanText(lean)} further, from ${lean.jobs} jobs: half round takes that away`,
  }
}

/**
 * How to lay a case whose rim was read to lean, for one push more: its high side where the press pushes further.
 * @param lean - of the press; null while it is not known
 * @param laidBefore - the hour that lay at the left for the last push; null where nobody said
 */
export function layAgain(tilt: TiltVector, lean: PressLean | null, laidBefore: number | null): LayWords {
  if (!lean?.isKnown) {
    const leftHour = laidBefore === null ? null : ((laidBefore + 5) % 12) + 1
    return {
      leftHour,
      action: `Turn the case half round${leftHour === null ? '' : `, ${leftHour} at the press’s left,`} and push once more`,
      why: 'what this press pushed less far then lies where it pushed further; which side that is, is known after three jobs',
    }
  }
  const leftHour = leftHourFor(highSideDeg(tilt), heavySideDeg(lean))
  return {
    leftHour,
    action: `Lay ${leftHour} at the press’s left and push once more`,
    why: `the high side then lies at its ${sideAt(heavySideDeg(lean))}, which it pushes ${leanText(lean)} further (${lean.jobs} jobs)`,
  }
}
