import type { Constraint, PairAssessment } from './Candidate'
import { certain, oddsOfConstraints } from './Candidate'
import type { RingFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { handClearanceMm, handsConstraint } from './handClearance'
import {
  diametralInterference,
  interferenceUncertaintyMm,
  probabilityWithin,
  wallSqueeze,
  wallSqueezeRange,
} from './interference'
import type { StockCrystal, StockGasket } from './parts'
import { thicknessAgainst } from './plannedUncertainty'

/** Judges one crystal with one gasket in one case: every constraint with its probability. */
export function assessPair(
  crystal: StockCrystal,
  gasket: StockGasket,
  facts: RingFacts,
  policy: FitPolicy,
): PairAssessment {
  const joint = {
    crystalDiameterMm: crystal.diameterMm,
    gasketWallMm: gasket.wallMm,
    boreMm: facts.bore.valueMm,
  }
  const interferenceMm = diametralInterference(joint)
  const constraints: Constraint[] = [
    { name: 'interference', probability: interferenceProbability(crystal, gasket, facts, policy) },
    { name: 'rim', probability: rimProbability(crystal, gasket, facts, policy) },
    ...handsConstraint(crystal, gasket.footMm, facts, policy),
    certain('gasket-bore', gasketSuitsBore(gasket, facts, policy)),
    certain('gasket-height', gasketHeightSuits(gasket, crystal, facts, policy)),
    certain('stock', crystal.quantity >= 1 && gasket.quantity >= 1),
  ]
  return {
    held: 'ring',
    crystal,
    gasket,
    interferenceMm,
    interferenceUncertaintyMm: jointUncertaintyMm(facts, policy),
    squeeze: wallSqueeze(joint),
    squeezeRange: wallSqueezeRange(joint, facts.boreOvalityMm),
    standing: {
      undersideMm: gasket.footMm,
      rimMm: rimStandMm(crystal, gasket, facts),
      againstOldMm: null,
      handClearanceMm: handClearanceMm(crystal, gasket.footMm, facts),
    },
    ...oddsOfConstraints(constraints),
  }
}

function jointUncertaintyMm(facts: Pick<RingFacts, 'bore'>, policy: FitPolicy): number {
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
  facts: Pick<RingFacts, 'bore'>,
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
  { seatDepth }: Pick<RingFacts, 'seatDepth'>,
  policy: FitPolicy,
): number {
  const standsMm = rimStandMm({ edgeThicknessMm }, gasket, { seatDepth })
  return probabilityWithin(standsMm, thicknessAgainst(seatDepth, policy), policy.rimWindow)
}

/** Where the rim of a crystal stands that is pressed home on its seat, mm: above the case positive, sunk negative. */
export function rimStandMm(
  { edgeThicknessMm }: Pick<StockCrystal, 'edgeThicknessMm'>,
  { footMm }: Pick<StockGasket, 'footMm'>,
  { seatDepth }: Pick<RingFacts, 'seatDepth'>,
): number {
  return footMm + edgeThicknessMm - seatDepth.valueMm
}

/** Does the gasket go into this bore? */
export function gasketSuitsBore(
  gasket: Pick<StockGasket, 'outerDiameterMm'>,
  facts: Pick<RingFacts, 'bore'>,
  policy: FitPolicy,
): boolean {
  return Math.abs(gasket.outerDiameterMm - facts.bore.valueMm) <= policy.gasketToBoreMm
}

/** Does the gasket end below the rim and still hold enough of the edge? */
export function gasketHeightSuits(
  gasket: Pick<StockGasket, 'heightMm' | 'footMm'>,
  crystal: Pick<StockCrystal, 'edgeThicknessMm'>,
  facts: Pick<RingFacts, 'seatDepth'>,
  policy: FitPolicy,
): boolean {
  return (
    gasketAboveRimMm(gasket, facts) <= policy.flushMm && edgeHeld(gasket, crystal) >= policy.minimumEdgeHeld
  )
}

/** How far a seated gasket stands above the rim, mm; negative when it stays below. */
export function gasketAboveRimMm(
  gasket: Pick<StockGasket, 'heightMm'>,
  facts: Pick<RingFacts, 'seatDepth'>,
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
