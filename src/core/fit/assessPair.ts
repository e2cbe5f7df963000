import { axialStanding } from './axialStanding'
import type { Constraint, PairAssessment } from './Candidate'
import { certain, oddsOfConstraints } from './Candidate'
import type { RingFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import {
  diametralInterference,
  interferenceUncertaintyMm,
  probabilityWithin,
  wallSqueeze,
  wallSqueezeRange,
} from './interference'
import type { StockCrystal, StockGasket } from './parts'
import { thicknessAgainst } from './plannedUncertainty'
import { undersideReachMm } from './undersideReach'

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
      ? [
          {
            name: 'hands' as const,
            probability: handsProbability(undersideReachMm(crystal), gasket, facts, policy),
          },
        ]
      : []),
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
    standing,
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

const FLAT_INSIDE = { undersideRiseMm: 0, insideMagnifierMm: null }

/** Chance that the edge stands right against the rim, 0…1. */
export function rimProbability(
  { edgeThicknessMm }: Pick<StockCrystal, 'edgeThicknessMm'>,
  gasket: Pick<StockGasket, 'footMm'>,
  { seatDepth }: Pick<RingFacts, 'seatDepth'>,
  policy: FitPolicy,
): number {
  const { rimMm } = axialStanding({ edgeThicknessMm, ...FLAT_INSIDE }, gasket, seatDepth.valueMm, null)
  return probabilityWithin(rimMm, thicknessAgainst(seatDepth, policy), policy.rimWindow)
}

/**
 * Chance that the underside clears the hands, 0…1; 1 where they were never measured.
 * @param reachMm - of the crystal's underside, see undersideReachMm
 * @param gasket - what lies under the crystal's edge
 */
export function handsProbability(
  reachMm: number,
  { footMm }: Pick<StockGasket, 'footMm'>,
  { handsBelowSeat }: Pick<RingFacts, 'handsBelowSeat'>,
  policy: FitPolicy,
): number {
  if (!handsBelowSeat) return 1
  const window = { lowMm: policy.minimumHandClearanceMm, highMm: Infinity }
  return probabilityWithin(
    handsBelowSeat.valueMm + footMm + reachMm,
    thicknessAgainst(handsBelowSeat, policy),
    window,
  )
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
