import type { GasketMaterial } from './parts'

/** A window a figure must lie in, mm. */
export interface Window {
  readonly lowMm: number
  readonly highMm: number
}

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
  /** least part of the crystal's edge that the gasket must hold, 0…1 */
  readonly minimumEdgeHeld: number
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
  minimumEdgeHeld: 0.6, // from memory
  crystalDiameterUncertaintyMm: 0.02, // from memory
  gasketWallUncertaintyMm: 0.01, // from memory
  thicknessUncertaintyMm: 0.02, // from memory
  leastProbability: 0.5,
}
