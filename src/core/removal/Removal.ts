/** What is taken off by ways that can fail; everything else lifts out. */
export const REMOVED_PARTS = ['bezel', 'insert', 'magnifier'] as const
export type RemovedPart = (typeof REMOVED_PARTS)[number]

/** Ways to take a bezel off that is pressed on. Common practice. */
export const BEZEL_WAYS = ['plastic-lever', 'four-jaw', 'steel-blade', 'grip-ball'] as const
export type BezelWay = (typeof BEZEL_WAYS)[number]

/** Ways to take an insert out. Common practice. */
export const INSERT_WAYS = ['push-out', 'soak', 'blade'] as const
export type InsertWay = (typeof INSERT_WAYS)[number]

/** Ways to take a magnifier off. Common practice. */
export const MAGNIFIER_WAYS = ['flame'] as const

export const REMOVAL_WAYS = {
  bezel: BEZEL_WAYS,
  insert: INSERT_WAYS,
  magnifier: MAGNIFIER_WAYS,
} as const satisfies Record<RemovedPart, readonly string[]>
export type RemovalWay = (typeof REMOVAL_WAYS)[RemovedPart][number]

export const WAY_LABELS: Readonly<Record<RemovalWay, string>> = {
  'plastic-lever': 'nylon or ABS lever',
  'four-jaw': 'four-jaw remover',
  'steel-blade': 'steel blade',
  'grip-ball': 'rubber grip ball',
  'push-out': 'push out from behind',
  soak: 'soak the face in acetone',
  blade: 'thin blade under its edge',
  flame: 'flame in short bursts',
}

/** How a removal went, the best first. */
export const REMOVAL_OUTCOMES = ['clean', 'did-not-move', 'marked', 'bent', 'broke'] as const
export type RemovalOutcome = (typeof REMOVAL_OUTCOMES)[number]

export const OUTCOME_WORDS: Readonly<Record<RemovalOutcome, string>> = {
  clean: 'came off clean',
  'did-not-move': 'did not move',
  marked: 'left a mark',
  bent: 'bent it',
  broke: 'broke it',
}

/** True where something was harmed. */
export function isHarm(outcome: RemovalOutcome): boolean {
  return outcome === 'marked' || outcome === 'bent' || outcome === 'broke'
}

/** True where the part is off by it. */
export function isOff(outcome: RemovalOutcome): boolean {
  return outcome !== 'did-not-move'
}

/** A removal as it went. */
export interface Removal {
  readonly part: RemovedPart
  readonly way: RemovalWay
  readonly outcome: RemovalOutcome
  /** null where nobody looked at the clock */
  readonly minutes: number | null
  /** what was seen, empty where there is nothing to say */
  readonly note: string
  readonly at: Date
}
