import type { AxialStanding } from './axialStanding'
import { axialStanding } from './axialStanding'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy, Window } from './fitPolicy'
import {
  diametralInterference,
  interferenceUncertaintyMm,
  probabilityWithin,
  wallSqueeze,
  wallSqueezeRange,
} from './interference'
import type { StockCrystal, StockGasket } from './parts'

export type ConstraintName = 'interference' | 'rim' | 'hands' | 'gasket-bore' | 'gasket-height' | 'stock'

export interface Constraint {
  readonly name: ConstraintName
  /** 0…1 */
  readonly probability: number
}

export interface PairAssessment {
  readonly crystal: StockCrystal
  readonly gasket: StockGasket
  readonly interferenceMm: number
  readonly interferenceUncertaintyMm: number
  readonly squeeze: number
  readonly squeezeRange: { readonly least: number; readonly most: number }
  readonly standing: AxialStanding
  readonly constraints: readonly Constraint[]
  /** of the interference alone */
  readonly fitProbability: number
  /** of all constraints together, taken as independent */
  readonly probability: number
}

/** Judges one crystal with one gasket in one case: every constraint with its probability. */
export function assessPair(
  crystal: StockCrystal,
  gasket: StockGasket,
  facts: CaseFacts,
  policy: FitPolicy,
): PairAssessment {
  const joint = {
    crystalDiameterMm: crystal.diameterMm,
    gasketWallMm: gasket.wallMm,
    boreMm: facts.bore.valueMm,
  }
  const interferenceMm = diametralInterference(joint)
  const uncertaintyMm = interferenceUncertaintyMm({
    crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
    gasketWallMm: policy.gasketWallUncertaintyMm,
    boreMm: facts.bore.standardUncertaintyMm,
  })
  const standing = axialStanding(
    crystal,
    gasket,
    facts.seatDepth.valueMm,
    facts.handsBelowSeat?.valueMm ?? null,
  )
  const constraints = [
    interferenceConstraint(interferenceMm, uncertaintyMm, policy.interferenceBands[gasket.material]),
    rimConstraint(standing, facts, policy),
    ...handsConstraint(standing, facts, policy),
    certain('gasket-bore', Math.abs(gasket.outerDiameterMm - facts.bore.valueMm) <= policy.gasketToBoreMm),
    certain('gasket-height', gasketHeightSuits(gasket, crystal, facts, policy)),
    certain('stock', crystal.quantity >= 1 && gasket.quantity >= 1),
  ]
  return {
    crystal,
    gasket,
    interferenceMm,
    interferenceUncertaintyMm: uncertaintyMm,
    squeeze: wallSqueeze(joint),
    squeezeRange: wallSqueezeRange(joint, facts.boreOvalityMm),
    standing,
    constraints,
    fitProbability: constraints[0]?.probability ?? 0,
    probability: constraints.reduce((product, c) => product * c.probability, 1),
  }
}

function interferenceConstraint(interferenceMm: number, uncertaintyMm: number, band: Window): Constraint {
  return { name: 'interference', probability: probabilityWithin(interferenceMm, uncertaintyMm, band) }
}

function rimConstraint(standing: AxialStanding, facts: CaseFacts, policy: FitPolicy): Constraint {
  const uncertaintyMm = Math.hypot(facts.seatDepth.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  return { name: 'rim', probability: probabilityWithin(standing.rimMm, uncertaintyMm, policy.rimWindow) }
}

function handsConstraint(standing: AxialStanding, facts: CaseFacts, policy: FitPolicy): Constraint[] {
  if (standing.handClearanceMm === null || !facts.handsBelowSeat) return []
  const uncertaintyMm = Math.hypot(facts.handsBelowSeat.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  const window = { lowMm: policy.minimumHandClearanceMm, highMm: Infinity }
  return [{ name: 'hands', probability: probabilityWithin(standing.handClearanceMm, uncertaintyMm, window) }]
}

/** A constraint on printed sizes and counts: met or not. */
function certain(name: ConstraintName, met: boolean): Constraint {
  return { name, probability: met ? 1 : 0 }
}

function gasketHeightSuits(
  gasket: StockGasket,
  crystal: StockCrystal,
  facts: CaseFacts,
  policy: FitPolicy,
): boolean {
  return (
    gasketAboveRimMm(gasket, facts) <= policy.flushMm && edgeHeld(gasket, crystal) >= policy.minimumEdgeHeld
  )
}

/** How far a seated gasket stands above the rim, mm; negative when it stays below. */
export function gasketAboveRimMm(
  gasket: Pick<StockGasket, 'heightMm'>,
  facts: Pick<CaseFacts, 'seatDepth'>,
): number {
  return gasket.heightMm - facts.seatDepth.valueMm
}

/** Part of the crystal's edge that the gasket holds, 0…1. */
export function edgeHeld(
  gasket: Pick<StockGasket, 'heightMm' | 'footMm'>,
  crystal: Pick<StockCrystal, 'edgeThicknessMm'>,
): number {
  const heldMm = Math.min(gasket.heightMm, gasket.footMm + crystal.edgeThicknessMm) - gasket.footMm
  return heldMm / crystal.edgeThicknessMm
}
