import { constructionOf } from '../construction/constructions'
import type { Retention } from '../construction/kinds'
import type { Die } from '../dies/Die'
import { isMetal } from '../dies/Die'
import type { PressKind, PressSituation, PressStep } from './PressStep'

export const PRESS_OUTCOMES = ['home', 'not-home', 'high-on-one-side', 'loose', 'cracked'] as const
export type PressOutcome = (typeof PRESS_OUTCOMES)[number]

/** What a press without a gauge tells: how it felt in the hand. */
export const PRESS_FEELS = ['easy', 'right', 'hard'] as const
export type PressFeel = (typeof PRESS_FEELS)[number]

/** Runs that failed; one that stands high on a side is pressed again. */
export const FAILED_OUTCOMES: readonly PressOutcome[] = ['loose', 'cracked']

/** What a run that failed is put down to. Common practice. */
export const FAILURE_CAUSES = ['die', 'size', 'dirt', 'force', 'unknown'] as const
export type FailureCause = (typeof FAILURE_CAUSES)[number]

/** Why a shop presses with one or the other: both are schools of common practice. */
export const PRESS_SCHOOLS: Readonly<Record<PressKind, string>> = {
  lever: 'Quick, and the hand feels the snap. Stop at the first firm stop: a lever multiplies the last push.',
  screw: 'Slow and steady, holds where it stands. Little feel: watch the rim, not the handle.',
}

export interface PressPlan {
  readonly cushion: string
  readonly steps: readonly PressStep[]
  readonly cautions: readonly string[]
}

export interface PlannedPress extends PressSituation {
  readonly retention: Retention
  /** dies it is pressed with; null where it needs none, or none of the shop's fits */
  readonly pusher: Die | null
  readonly support: Die | null
  readonly glassSplinters: boolean
}

/** Does a construction's crystal go in under a press, with which dies? Sprung and cemented ones go in by hand. */
export function pressNeeds(retention: Retention): { readonly pusher: boolean; readonly support: boolean } {
  const { pressed } = constructionOf(retention)
  return { pusher: pressed, support: pressed }
}

/** Steps of bringing a crystal home, in working order. Common practice throughout. */
export function pressPlan(facts: PlannedPress): PressPlan {
  const construction = constructionOf(facts.retention)
  return {
    cushion: cushionOf(facts),
    steps: construction.pressSteps(facts),
    cautions: cautions(facts, construction.pressed),
  }
}

/** What lies between a die and the crystal; empty while a die is missing, or where none is needed. */
function cushionOf({ pusher, support }: PlannedPress): string {
  if (pusher === null || support === null) return ''
  const metal = [pusher, support].filter(({ material }) => isMetal(material))
  return metal.length > 0
    ? `soft cloth or film on the ${metal.map(({ material, role }) => `${material} ${role}`).join(' and the ')}`
    : 'none needed: plastic faces'
}

function cautions({ glassSplinters, retention }: PlannedPress, pressed: boolean): string[] {
  return [
    ...(pressed ? ['Eye protection on: a crystal under a press can burst.'] : []),
    ...(glassSplinters
      ? ['Glass splinters on this tray: finger cots, and no fragment left on seat, dial or gasket.']
      : []),
    ...(pressed ? ['Fingers clear of the dies: a press stores energy.'] : []),
    ...constructionOf(retention).cautions,
    'Finger cots on: the underside cannot be cleaned later.',
  ]
}
