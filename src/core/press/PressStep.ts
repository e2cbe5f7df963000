export const PRESS_KINDS = ['lever', 'screw'] as const
export type PressKind = (typeof PRESS_KINDS)[number]

export interface PressStep {
  readonly action: string
  readonly why: string
}

/** What the steps at the press go by. */
export interface PressSituation {
  readonly pressKind: PressKind
  readonly bevelMm: number
  /** true when a ring goes in with the crystal */
  readonly ringed: boolean
}

/** Times the case is turned a quarter between pressings: presses are never quite parallel (common practice). */
export const PLANNED_QUARTER_TURNS = 4

/** A crystal started by hand and pressed home, the case turned between. Common practice. */
export function pressedHome({ pressKind, bevelMm }: PressSituation): PressStep[] {
  return [
    {
      action: bevelMm > 0 ? 'Hand-start the crystal square, bevel outward' : 'Hand-start the crystal square',
      why: 'the square edge is what the gasket holds; of two chamfers the small one is the lead-in; cocked glass cracks',
    },
    {
      action:
        pressKind === 'lever' ? 'Press gently until it snaps or stops' : 'Turn down slowly until it stops',
      why: 'it moves at a nearly even force, then stops hard',
    },
    ...turnedAndPressed(),
  ]
}

/** Pressed again after every quarter turn, until it stands even. Common practice. */
export function turnedAndPressed(): PressStep[] {
  return [
    { action: 'Quarter turn of the case, press again', why: 'presses are never quite parallel' },
    {
      action: `Repeat to ${PLANNED_QUARTER_TURNS} quarter turns, until the rim stands the same all round`,
      why: 'compare at 12, 3, 6 and 9',
    },
    { action: 'Stop when home', why: 'more force only breaks it' },
  ]
}
