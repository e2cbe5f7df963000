import type { Die } from '../dies/Die'
import { isMetal } from '../dies/Die'

export const PRESS_KINDS = ['lever', 'screw'] as const
export type PressKind = (typeof PRESS_KINDS)[number]

export const PRESS_OUTCOMES = ['home', 'high-on-one-side', 'loose', 'cracked'] as const
export type PressOutcome = (typeof PRESS_OUTCOMES)[number]

/** Why a shop presses with one or the other: both are schools of common practice. */
export const PRESS_SCHOOLS: Readonly<Record<PressKind, string>> = {
  lever: 'Quick, and the hand feels the snap. Stop at the first firm stop: a lever multiplies the last push.',
  screw: 'Slow and steady, holds where it stands. Little feel: watch the rim, not the handle.',
}

export interface PressStep {
  readonly action: string
  readonly why: string
}

export interface PressPlan {
  readonly cushion: string
  readonly steps: readonly PressStep[]
  readonly cautions: readonly string[]
}

export interface PressPlanFacts {
  readonly pusher: Die
  readonly support: Die
  readonly pressKind: PressKind
  readonly bevelMm: number
  readonly glassSplinters: boolean
}

/** Times the case is turned a quarter between pressings: presses are never quite parallel (common practice). */
export const PLANNED_QUARTER_TURNS = 4

/** Steps of pressing a crystal into a tension gasket, in working order. Common practice throughout. */
export function pressPlan(facts: PressPlanFacts): PressPlan {
  const metal = [facts.pusher, facts.support].filter((die) => isMetal(die.material))
  const cushion =
    metal.length > 0
      ? `soft cloth or film on the ${metal.map((die) => `${die.material} ${die.role}`).join(' and the ')}`
      : 'none needed: plastic faces'
  return { cushion, steps: steps(facts), cautions: cautions(facts) }
}

function steps({ pressKind, bevelMm }: PressPlanFacts): PressStep[] {
  return [
    {
      action: 'Gasket into the case first, seated all round',
      why: 'a pinched ring tilts the crystal and leaks',
    },
    {
      action: bevelMm > 0 ? 'Hand-start the crystal square, bevel outward' : 'Hand-start the crystal square',
      why: 'the square edge is what the gasket holds; cocked glass cracks',
    },
    {
      action:
        pressKind === 'lever' ? 'Press gently until it snaps or stops' : 'Turn down slowly until it stops',
      why: 'it moves at a nearly even force, then stops hard',
    },
    { action: 'Quarter turn of the case, press again', why: 'presses are never quite parallel' },
    {
      action: `Repeat to ${PLANNED_QUARTER_TURNS} quarter turns, until the rim stands the same all round`,
      why: 'compare at 12, 3, 6 and 9',
    },
    { action: 'Stop when home', why: 'more force only breaks it' },
  ]
}

function cautions({ glassSplinters }: PressPlanFacts): string[] {
  return [
    'Eye protection on: a crystal under a press can burst.',
    ...(glassSplinters
      ? ['Glass splinters on this tray: finger cots, and no fragment left on seat, dial or gasket.']
      : []),
    'Fingers clear of the dies: a press stores energy.',
    'Finger cots on: the underside cannot be cleaned later.',
  ]
}
