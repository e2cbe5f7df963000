import type { AxialStanding } from './axialStanding'
import { axialStanding } from './axialStanding'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
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
  const standing = axialStanding(
    crystal,
    gasket,
    facts.seatDepth.valueMm,
    facts.handsBelowSeat?.valueMm ?? null,
  )
  const constraints: Constraint[] = [
    { name: 'interference', probability: interferenceProbability(crystal, gasket, facts, policy) },
    { name: 'rim', probability: rimProbability(crystal, gasket, facts, policy) },
    ...(facts.handsBelowSeat
      ? [{ name: 'hands' as const, probability: handsProbability(crystal, gasket, facts, policy) }]
      : []),
    certain('gasket-bore', gasketSuitsBore(gasket, facts, policy)),
    certain('gasket-height', gasketHeightSuits(gasket, crystal, facts, policy)),
    certain('stock', crystal.quantity >= 1 && gasket.quantity >= 1),
  ]
  return {
    crystal,
    gasket,
    interferenceMm,
    interferenceUncertaintyMm: jointUncertaintyMm(facts, policy),
    squeeze: wallSqueeze(joint),
    squeezeRange: wallSqueezeRange(joint, facts.boreOvalityMm),
    standing,
    constraints,
    fitProbability: constraints[0]?.probability ?? 0,
    probability: constraints.reduce((product, c) => product * c.probability, 1),
  }
}

function jointUncertaintyMm(facts: Pick<CaseFacts, 'bore'>, policy: FitPolicy): number {
  return interferenceUncertaintyMm({
    crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
    gasketWallMm: policy.gasketWallUncertaintyMm,
    boreMm: facts.bore.standardUncertaintyMm,
  })
}

/** Chance that the joint is as tight as the gasket's material wants, 0…1. */
export function interferenceProbability(
  { diameterMm }: Pick<StockCrystal, 'diameterMm'>,
  { wallMm, material }: Pick<StockGasket, 'wallMm' | 'material'>,
  facts: Pick<CaseFacts, 'bore'>,
  policy: FitPolicy,
): number {
  const interferenceMm = diametralInterference({
    crystalDiameterMm: diameterMm,
    gasketWallMm: wallMm,
    boreMm: facts.bore.valueMm,
  })
  return probabilityWithin(
    interferenceMm,
    jointUncertaintyMm(facts, policy),
    policy.interferenceBands[material],
  )
}

/** Chance that the edge stands right against the rim, 0…1. */
export function rimProbability(
  { edgeThicknessMm }: Pick<StockCrystal, 'edgeThicknessMm'>,
  gasket: Pick<StockGasket, 'footMm'>,
  { seatDepth }: Pick<CaseFacts, 'seatDepth'>,
  policy: FitPolicy,
): number {
  const { rimMm } = axialStanding({ edgeThicknessMm, undersideRiseMm: 0 }, gasket, seatDepth.valueMm, null)
  const uncertaintyMm = Math.hypot(seatDepth.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  return probabilityWithin(rimMm, uncertaintyMm, policy.rimWindow)
}

/** Chance that the underside clears the hands, 0…1; 1 where they were never measured. */
export function handsProbability(
  { undersideRiseMm }: Pick<StockCrystal, 'undersideRiseMm'>,
  gasket: Pick<StockGasket, 'footMm'>,
  { seatDepth, handsBelowSeat }: Pick<CaseFacts, 'seatDepth' | 'handsBelowSeat'>,
  policy: FitPolicy,
): number {
  if (!handsBelowSeat) return 1
  const standing = axialStanding(
    { edgeThicknessMm: 0, undersideRiseMm },
    gasket,
    seatDepth.valueMm,
    handsBelowSeat.valueMm,
  )
  const uncertaintyMm = Math.hypot(handsBelowSeat.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  const window = { lowMm: policy.minimumHandClearanceMm, highMm: Infinity }
  return probabilityWithin(standing.handClearanceMm ?? 0, uncertaintyMm, window)
}

/** Does the gasket go into this bore? */
export function gasketSuitsBore(
  gasket: Pick<StockGasket, 'outerDiameterMm'>,
  facts: Pick<CaseFacts, 'bore'>,
  policy: FitPolicy,
): boolean {
  return Math.abs(gasket.outerDiameterMm - facts.bore.valueMm) <= policy.gasketToBoreMm
}

/** A constraint on printed sizes and counts: met or not. */
function certain(name: ConstraintName, met: boolean): Constraint {
  return { name, probability: met ? 1 : 0 }
}

/** Does the gasket end below the rim and still hold enough of the edge? */
export function gasketHeightSuits(
  gasket: Pick<StockGasket, 'heightMm' | 'footMm'>,
  crystal: Pick<StockCrystal, 'edgeThicknessMm'>,
  facts: Pick<CaseFacts, 'seatDepth'>,
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
