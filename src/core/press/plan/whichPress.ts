import type { PressKind } from '../PressStep'
import type { PressWork } from '../pressWorks'
import { PRESS_WORK_FACTS } from '../pressWorks'

export interface ShopPress {
  readonly id: number
  readonly name: string
  readonly kind: PressKind
  readonly gauged: boolean
  /** N it may be brought to; null where nobody said */
  readonly mostForceN: number | null
}

/** The press a plan would take, and why. */
export interface PressAdvice {
  /** null where the shop has none */
  readonly pressId: number | null
  readonly why: string
}

/**
 * Which of the shop's presses suits a work: a lever where the hand has to feel, a screw where it has to hold.
 * @source two schools of common practice
 */
export function whichPress(work: PressWork, presses: readonly ShopPress[]): PressAdvice {
  const { prefers, prefersWhy, doing } = PRESS_WORK_FACTS[work]
  const usual = presses.find(({ kind }) => kind === prefers)
  if (usual) return { pressId: usual.id, why: `${usual.name}: ${prefersWhy}` }
  const other = presses[0]
  if (!other)
    return {
      pressId: null,
      why: `A ${prefers} press is the usual one for ${doing}: write in Settings which you have`,
    }
  const instead =
    prefers === 'lever'
      ? 'turn it down slowly and watch the rim: a screw tells the hand little'
      : 'stop at the first firm stop: a lever multiplies the last push'
  return { pressId: other.id, why: `${other.name}, as there is no ${prefers} press here: ${instead}` }
}
