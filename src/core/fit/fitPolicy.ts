import type { Fractions, Window } from './Window'
import type { GasketMaterial } from './parts'

/** Which way a crystal may rather be off when none is flush. */
export const THICKNESS_PREFERENCES = ['flush', 'rather-proud', 'rather-sunk'] as const
export type ThicknessPreference = (typeof THICKNESS_PREFERENCES)[number]

export interface FitPolicy {
  /** diametral interference by gasket material */
  readonly interferenceBands: Readonly<Record<GasketMaterial, Window>>
  /** rim height that still looks and wears right: + proud, − sunk */
  readonly rimWindow: Window
  /** within this of zero the rim is called flush */
  readonly flushMm: number
  /** least height from the hand stack to the crystal's underside */
  readonly minimumHandClearanceMm: number
  /** how far a gasket's outer diameter may differ from the bore */
  readonly gasketToBoreMm: number
  /** outside of the ring under a removable bezel against the bezel's inside, mm */
  readonly ringToBezelMm: number
  /** its wall against the old one's where the joint was not measured, mm: an old ring has set by about as much */
  readonly wallLikeOldMm: number
  /** least part of the crystal's edge that the gasket must hold, 0…1 */
  readonly minimumEdgeHeld: number
  /** squeeze of the ring between a bezel and the glass over a neck, by its material */
  readonly neckSqueezeBands: Readonly<Record<GasketMaterial, Fractions>>
  /** squeeze of an acrylic skirt between bezel and neck */
  readonly skirtSqueeze: Fractions
  /** skirt inside less neck: pressed over it, or slipped over it */
  readonly overNeckWindow: Window
  /** how far an edge under a bezel may differ from the old one */
  readonly edgeToOldMm: number
  /** least oversize that holds an acrylic in its groove */
  readonly snapGripMm: number
  /** diametral strain past which acrylic crazes */
  readonly crazeStrain: number
  /** acrylic with a metal ring: crystal less bore */
  readonly tensionRingWindow: Window
  /** how much lower than the old dome a new one may be */
  readonly lowerDomeMm: number
  /** how far a metal ring's height may differ from the old one's */
  readonly ringHeightMm: number
  /** part of its height a flat gasket under a turned ring gives way by */
  readonly flatSqueeze: Fractions
  /** rebate less glass, across, under a turned ring: it must drop in, and may not wander */
  readonly glassPlay: Window
  /** gap a side of a cemented crystal */
  readonly cementGap: Window
  /** cement under a cemented crystal */
  readonly cementUnderMm: number
  readonly thicknessPreference: ThicknessPreference
  /** ring colour where the case sheet asks for none; empty takes any */
  readonly preferredColour: string
  /** standard uncertainties of stock parts */
  readonly crystalDiameterUncertaintyMm: number
  readonly gasketWallUncertaintyMm: number
  readonly thicknessUncertaintyMm: number
  /** a pair is shown as fitting from this probability on */
  readonly leastProbability: number
}

export const FIT_POLICY: FitPolicy = {
  interferenceBands: {
    nylon: { lowMm: 0.01, highMm: 0.1 }, // “within a tenth”: common practice
    acetal: { lowMm: 0.01, highMm: 0.07 }, // from memory: stiffer than nylon
    PTFE: { lowMm: 0.03, highMm: 0.12 }, // from memory: creeps, wants more
    nitrile: { lowMm: 0.05, highMm: 0.2 }, // from memory: rubber
  },
  rimWindow: { lowMm: -0.25, highMm: 0.25 }, // from memory
  flushMm: 0.08, // from memory
  minimumHandClearanceMm: 0.25, // from memory
  gasketToBoreMm: 0.1, // from memory
  ringToBezelMm: 0.3, // from memory
  wallLikeOldMm: 0.05, // from memory
  minimumEdgeHeld: 0.6, // from memory
  neckSqueezeBands: {
    nylon: { low: 0.03, high: 0.2 }, // from memory
    acetal: { low: 0.02, high: 0.12 }, // from memory
    PTFE: { low: 0.05, high: 0.25 }, // from memory
    nitrile: { low: 0.1, high: 0.3 }, // from memory: as an O-ring
  },
  skirtSqueeze: { low: 0.01, high: 0.08 }, // from memory
  overNeckWindow: { lowMm: -0.1, highMm: 0.15 }, // from memory
  edgeToOldMm: 0.15, // from memory
  snapGripMm: 0.05, // from memory
  crazeStrain: 0.01, // from memory
  tensionRingWindow: { lowMm: 0, highMm: 0.15 }, // from memory
  lowerDomeMm: 0.3, // from memory
  ringHeightMm: 0.2, // from memory
  flatSqueeze: { low: 0.15, high: 0.3 }, // from memory
  glassPlay: { lowMm: 0.03, highMm: 0.3 }, // from memory
  cementGap: { lowMm: 0.02, highMm: 0.1 }, // from memory
  cementUnderMm: 0.05, // from memory
  thicknessPreference: 'flush', // common practice
  preferredColour: '',
  crystalDiameterUncertaintyMm: 0.02, // from memory
  gasketWallUncertaintyMm: 0.01, // from memory
  thicknessUncertaintyMm: 0.02, // from memory
  leastProbability: 0.5,
}
