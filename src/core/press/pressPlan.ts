import type { Retention } from '../construction/kinds'
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
  readonly retention: Retention
  /** dies the construction needs; null where it needs none */
  readonly pusher: Die | null
  readonly support: Die | null
  readonly pressKind: PressKind
  readonly bevelMm: number
  /** true when a ring goes in with the crystal */
  readonly ringed: boolean
  readonly glassSplinters: boolean
}

/** Times the case is turned a quarter between pressings: presses are never quite parallel (common practice). */
export const PLANNED_QUARTER_TURNS = 4

/** Does a construction's crystal go in under a press, with which dies? Sprung and cemented ones go in by hand. */
export function pressNeeds(retention: Retention): { readonly pusher: boolean; readonly support: boolean } {
  const pressed = retention !== 'snap-acrylic' && retention !== 'cemented'
  return { pusher: pressed, support: pressed }
}

/** Steps of bringing a crystal home, in working order. Common practice throughout. */
export function pressPlan(facts: PressPlanFacts): PressPlan {
  const metal = [facts.pusher, facts.support].filter((die) => die !== null && isMetal(die.material))
  const cushion =
    metal.length > 0
      ? `soft cloth or film on the ${metal.map((die) => `${die?.material} ${die?.role}`).join(' and the ')}`
      : 'none needed: plastic faces'
  const needs = pressNeeds(facts.retention)
  return {
    cushion: needs.pusher ? cushion : '',
    steps: steps(facts),
    cautions: cautions(facts, needs.pusher),
  }
}

function steps(facts: PressPlanFacts): PressStep[] {
  switch (facts.retention) {
    case 'tension-gasket':
      return [
        {
          action: 'Gasket into the case first, seated all round',
          why: 'a pinched ring tilts the crystal and leaks',
        },
        ...pressedIn(facts),
      ]
    case 'press-in-bezel':
      return [
        {
          action: 'Off the case: gasket and chapter ring into the bezel, seated all round',
          why: 'the other order leaves the hands exposed under a press',
        },
        ...pressedIn(facts),
      ]
    case 'neck-and-bezel':
      return overNeck(facts)
    case 'tension-ring-acrylic':
      return [
        {
          action: 'Set the crystal’s metal ring square in the bore',
          why: 'cocked, it shaves the bore and leaks',
        },
        {
          action: 'Hollow die on the edge, never on the dome; press until it stops',
          why: 'pressed on the dome acrylic crazes: the ring carries the load',
        },
        ...turned(),
      ]
    case 'snap-acrylic':
      return SPRUNG_IN
    case 'cemented':
      return CEMENTED_IN
  }
}

function pressedIn({ pressKind, bevelMm }: PressPlanFacts): PressStep[] {
  return [
    {
      action: bevelMm > 0 ? 'Hand-start the crystal square, bevel outward' : 'Hand-start the crystal square',
      why: 'the square edge is what the gasket holds; cocked glass cracks',
    },
    {
      action:
        pressKind === 'lever' ? 'Press gently until it snaps or stops' : 'Turn down slowly until it stops',
      why: 'it moves at a nearly even force, then stops hard',
    },
    ...turned(),
  ]
}

function turned(): PressStep[] {
  return [
    { action: 'Quarter turn of the case, press again', why: 'presses are never quite parallel' },
    {
      action: `Repeat to ${PLANNED_QUARTER_TURNS} quarter turns, until the rim stands the same all round`,
      why: 'compare at 12, 3, 6 and 9',
    },
    { action: 'Stop when home', why: 'more force only breaks it' },
  ]
}

function overNeck({ ringed, pressKind }: PressPlanFacts): PressStep[] {
  return [
    ringed
      ? { action: 'New ring round the crystal, both square on the neck', why: 'a rolled ring lifts one side' }
      : { action: 'Crystal square over the neck', why: 'the acrylic itself is the seal' },
    { action: 'Bezel laid on square, a small even gap all round', why: 'it goes down as it starts' },
    {
      action: 'Die that bears on the bezel only: first fit light, then look',
      why: 'expect to take it off once more to correct it',
    },
    {
      action: pressKind === 'lever' ? 'Press until it clicks home' : 'Turn down slowly until it stops',
      why: 'the ring takes up evenly, then it stops hard',
    },
    ...turned().slice(0, 1),
    { action: 'Stop when there is no gap all round', why: 'more force only breaks the glass' },
  ]
}

const SPRUNG_IN: PressStep[] = [
  { action: 'Groove clean, no old acrylic in it', why: 'a crumb lifts the crystal there' },
  { action: 'Squeeze the acrylic evenly round its edge', why: 'squeezed on one side it cracks at the edge' },
  { action: 'Lower it level, let it spring into the groove', why: 'it must enter all round at once' },
  { action: 'Turn it under a thumb: it must not move', why: 'it holds by its own spring alone' },
]

const CEMENTED_IN: PressStep[] = [
  {
    action: 'Lay the crystal in dry: even gap all round, none of it proud',
    why: 'cement does not mend a tight corner',
  },
  { action: 'Thin unbroken bead of clear cement on the shelf', why: 'a break in the bead is where it leaks' },
  {
    action: 'Crystal in, weighted level, squeeze-out off before it skins',
    why: 'dry it takes the polish with it',
  },
  { action: 'Leave it for the cement’s own time', why: 'handled early it creeps off its place' },
]

function cautions({ glassSplinters, retention }: PressPlanFacts, pressed: boolean): string[] {
  return [
    ...(pressed ? ['Eye protection on: a crystal under a press can burst.'] : []),
    ...(glassSplinters
      ? ['Glass splinters on this tray: finger cots, and no fragment left on seat, dial or gasket.']
      : []),
    ...(pressed ? ['Fingers clear of the dies: a press stores energy.'] : []),
    ...(retention === 'cemented' ? ['Cement and its solvent: ventilate, no flame near, off the skin.'] : []),
    'Finger cots on: the underside cannot be cleaned later.',
  ]
}
