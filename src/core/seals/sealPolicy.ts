/** Windows a static seal should lie in, shares. */
export interface SealPolicy {
  readonly squeeze: { readonly low: number; readonly high: number }
  readonly stretch: { readonly low: number; readonly high: number }
  readonly mostFill: number
  /** a seal is shown as fitting from this probability on */
  readonly leastProbability: number
  /** standard uncertainties of a stock ring, mm */
  readonly ringInnerUncertaintyMm: number
  readonly ringSectionUncertaintyMm: number
  readonly oldRing: OldRingPolicy
  /** how far a ring may differ from what the old one was when it was new: inside as a share, section in mm */
  readonly likeOld: { readonly inner: number; readonly sectionMm: number }
}

/** How an old ring is told from a new one. */
export interface OldRingPolicy {
  /** a section this near its gap has taken the groove's shape, share of the gap */
  readonly setWithin: number
  /** a ring that has set had about this much squeeze when it was new, share */
  readonly usualSqueeze: number
  /** a new ring is usually stretched by about this much over its wall, share */
  readonly usualStretch: number
  /** sections this far apart round one ring mean it was flattened in places, mm */
  readonly flattenedMm: number
}

export const SEAL_POLICY: SealPolicy = {
  squeeze: { low: 0.15, high: 0.3 }, // usual static limits, Parker O-Ring Handbook; from memory
  stretch: { low: 0, high: 0.05 }, // the same
  mostFill: 0.85, // the same
  leastProbability: 0.5,
  ringInnerUncertaintyMm: 0.05, // from memory
  ringSectionUncertaintyMm: 0.02, // from memory
  oldRing: { setWithin: 0.12, usualSqueeze: 0.22, usualStretch: 0.015, flattenedMm: 0.06 }, // from memory
  likeOld: { inner: 0.03, sectionMm: 0.08 }, // from memory
}
