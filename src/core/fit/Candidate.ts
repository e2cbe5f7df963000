import type { Fractions, Window } from './Window'
import type { StockCrystal, StockGasket } from './parts'

export type ConstraintName =
  | 'interference'
  | 'rim'
  | 'hands'
  | 'gasket-bore'
  | 'gasket-height'
  | 'neck-squeeze'
  | 'over-neck'
  | 'neck-room'
  | 'edge'
  | 'oversize'
  | 'dome'
  | 'ring-height'
  | 'gap-along'
  | 'gap-across'
  | 'gap-corner'
  | 'stock'

export interface Constraint {
  readonly name: ConstraintName
  /** 0…1 */
  readonly probability: number
}

/** Where a crystal stands when it is home, as far as the case is known. All mm. */
export interface Standing {
  /** underside of the crystal's edge above its seat */
  readonly undersideMm: number
  /** top of the crystal's edge against the rim: + proud, − sunk; null where no rim was measured */
  readonly rimMm: number | null
  /** its edge over a neck, or an acrylic's whole height, less the old crystal's; null where a rim tells, or nobody measured */
  readonly againstOldMm: number | null
  /** hand stack to the underside at the centre, or to a magnifier under it; null when the hands were never measured */
  readonly handClearanceMm: number | null
}

interface CandidateBase {
  readonly crystal: StockCrystal
  readonly gasket: StockGasket | null
  readonly standing: Standing
  readonly constraints: readonly Constraint[]
  /** of what holds it alone */
  readonly fitProbability: number
  /** of all constraints together, taken as independent */
  readonly probability: number
}

/** A crystal with a ring gasket in a bore. */
export interface PairAssessment extends CandidateBase {
  readonly held: 'ring'
  readonly gasket: StockGasket
  readonly standing: Standing & { readonly rimMm: number }
  readonly interferenceMm: number
  readonly interferenceUncertaintyMm: number
  readonly squeeze: number
  readonly squeezeRange: { readonly least: number; readonly most: number }
}

/** A crystal over a neck, with its ring gasket when it is glass. */
export interface NeckAssessment extends CandidateBase {
  readonly held: 'neck'
  /** of what the bezel squeezes: the acrylic skirt against the neck, or the ring against the glass */
  readonly squeeze: number
  readonly squeezeUncertainty: number
  readonly band: Fractions
  /** skirt inside less neck, mm; null for glass */
  readonly overNeckMm: number | null
}

/** An acrylic in its groove or bore. */
export interface AcrylicAssessment extends CandidateBase {
  readonly held: 'acrylic'
  /** crystal less opening, mm */
  readonly oversizeMm: number
  readonly oversizeUncertaintyMm: number
  readonly window: Window
  /** oversize over diameter */
  readonly strain: number
}

/** A crystal in its rebate; gaps a side, mm. */
export interface CementAssessment extends CandidateBase {
  readonly held: 'cement'
  readonly alongMm: number
  readonly acrossMm: number
  /** at the corners; null when they were never measured, or round */
  readonly cornerMm: number | null
}

/** One crystal, with its gasket where it has one, judged in one case. */
export type Candidate = PairAssessment | NeckAssessment | AcrylicAssessment | CementAssessment

/** Odds of a candidate from its constraints: the first is what holds it. */
export function oddsOfConstraints(constraints: readonly Constraint[]) {
  return {
    constraints,
    fitProbability: constraints[0]?.probability ?? 0,
    probability: constraints.reduce((product, c) => product * c.probability, 1),
  }
}

/** A constraint on printed sizes and counts: met or not. */
export function certain(name: ConstraintName, met: boolean): Constraint {
  return { name, probability: met ? 1 : 0 }
}
