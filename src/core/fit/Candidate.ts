import type { SqueezeState } from '../section/gasketTint'
import type { PastFittings } from './learned'
import type { StockCrystal, StockGasket } from './parts'

/** One thing a choice must satisfy; what the names mean is its construction's to say. */
export interface Constraint {
  readonly name: string
  /** 0…1 */
  readonly probability: number
}

/** What holds a crystal, as one figure and how good it is. */
export interface Hold {
  readonly title: 'Squeeze' | 'Oversize' | 'Gap'
  /** with its unit */
  readonly value: string
  readonly state: SqueezeState
  /** of the figure, in its own unit: a share for a squeeze, mm else */
  readonly standardUncertainty: number
  readonly unit: 'share' | 'mm'
}

/** Where a crystal stands when it is home, as far as the case is known. All mm. */
export interface Standing {
  /** underside of the crystal's edge above its seat */
  readonly undersideMm: number
  /** top of the crystal's edge against the rim: + proud, − sunk; null where no rim was measured */
  readonly rimMm: number | null
  /** its edge, or an acrylic's whole height, less the old crystal's; null where a rim tells, or nobody measured */
  readonly againstOldMm: number | null
  /** the least from the hands to the underside, or to a magnifier under it; null when the hands were never measured */
  readonly handClearanceMm: number | null
  /** where that is: “the minute hand’s tip”; null as before */
  readonly handsAt: string | null
}

/** One crystal, with its ring where it has one, judged in one case. */
export interface Candidate {
  readonly crystal: StockCrystal
  readonly gasket: StockGasket | null
  readonly hold: Hold
  readonly standing: Standing
  readonly constraints: readonly Constraint[]
  /** of what holds it alone */
  readonly fitProbability: number
  /** of all constraints together, taken as independent */
  readonly probability: number
  /** how this very pair fared in this case before, and what the figures alone say of it; left out where it never was */
  readonly past?: PastFittings & { readonly byFigures: number }
}

/** Odds of a candidate from its constraints: the first is what holds it. */
export function oddsOfConstraints(constraints: readonly Constraint[]) {
  return {
    constraints,
    fitProbability: constraints[0]?.probability ?? 0,
    probability: constraints.reduce((product, c) => product * c.probability, 1),
  }
}

/** A constraint on printed sizes and counts: met or not. */
export function certain(name: string, met: boolean): Constraint {
  return { name, probability: met ? 1 : 0 }
}
