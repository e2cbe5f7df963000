import { pressAngleDeg } from '@/core/level/pressLean'
import type { TiltVector } from '@/core/level/RimHeight'
import { rotatedTilt } from '@/core/level/RimHeight'
import type { PressKind } from '@/core/press/PressStep'

/** How simulated presses lean in their own frame, mm: the far side up, the right side at 3. */
const LEANS: Readonly<Record<PressKind, TiltVector>> = {
  lever: { towards12Mm: 0.03, towards3Mm: 0.045 },
  screw: { towards12Mm: -0.035, towards3Mm: 0.01 },
}

/** A push of a case that lay in a known way. */
export interface LaidPush {
  readonly kind: PressKind
  /** hour of the case at the press's left */
  readonly leftHour: number
}

/** What these pushes did to a rim by the press's own lean, in the case's frame: turned between them, it evens out. */
export function simulatedLean(pushes: readonly LaidPush[]): TiltVector {
  const each = pushes.map(({ kind, leftHour }) => rotatedTilt(LEANS[kind], -pressAngleDeg(leftHour)))
  const mean = (of: (tilt: TiltVector) => number) =>
    each.length === 0 ? 0 : each.reduce((sum, tilt) => sum + of(tilt), 0) / each.length
  return {
    towards12Mm: mean(({ towards12Mm }) => towards12Mm),
    towards3Mm: mean(({ towards3Mm }) => towards3Mm),
  }
}
