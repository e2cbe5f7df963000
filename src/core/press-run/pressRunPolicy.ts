export interface PressRunPolicy {
  /** force over that of the slide, once home, that is too much, N */
  readonly overMarginN: number
  /** a slide of less than this holds nothing, N */
  readonly looseN: number
  /** share of the force that a crack takes at once */
  readonly crackShare: number
  /** how far a force falls along the slide from what it climbed to when a crystal went in leaning, share */
  readonly cockedShare: number
}

export const PRESS_RUN_POLICY: PressRunPolicy = {
  overMarginN: 200, // from memory
  looseN: 26, // from memory
  crackShare: 0.2, // common practice
  cockedShare: 0.22, // from memory
}
