export interface StraightPolicy {
  /** an eye at 30 cm sees no tick stand off another by less, mm */
  readonly seenMm: number
}

export const STRAIGHT_POLICY: StraightPolicy = {
  seenMm: 0.05, // from memory
}
