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
}

export const SEAL_POLICY: SealPolicy = {
  squeeze: { low: 0.15, high: 0.3 }, // usual static limits, Parker O-Ring Handbook; from memory
  stretch: { low: 0, high: 0.05 }, // the same
  mostFill: 0.85, // the same
  leastProbability: 0.5,
  ringInnerUncertaintyMm: 0.05, // from memory
  ringSectionUncertaintyMm: 0.02, // from memory
}
