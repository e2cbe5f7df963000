/** What hands are judged by. */
export interface HandPolicy {
  /** least room between what passes over one another, mm */
  readonly leastGapMm: number
  /** of a hand, where nobody read it, mm */
  readonly thicknessMm: number
  /** of that, standard uncertainty, mm */
  readonly thicknessUncertaintyMm: number
  /** of one height read over a dial, standard uncertainty, mm: a hand gives way under the foot */
  readonly readingMm: number
}

/** Stamped hands are .10 to .20 thick. From memory, all of it. */
export const HAND_POLICY: HandPolicy = {
  leastGapMm: 0.08,
  thicknessMm: 0.15,
  thicknessUncertaintyMm: 0.03,
  readingMm: 0.02,
}
