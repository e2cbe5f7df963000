import type { Candidate, Constraint } from '../../fit/Candidate'
import { certain, oddsOfConstraints } from '../../fit/Candidate'
import { squeezeState } from '../../section/gasketTint'
import { formatShare } from '../../units/formatMm'
import type { FitPolicy } from '../../fit/fitPolicy'
import { handsConstraint, handStanding } from '../../fit/handClearance'
import {
  diametralInterference,
  interferenceUncertaintyMm as uncertaintyOfInterferenceMm,
  wallSqueeze,
  wallSqueezeRange,
} from './interference'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { StockCrystal, StockGasket } from '../../fit/parts'
import { thicknessAgainst } from '../../fit/thicknessAgainst'
import type { RingSeat } from './ringSeat'
import { reaches } from '../../units/within'

/** A crystal with a ring gasket in a bore. */
export interface RingCandidate extends Candidate {
  readonly gasket: StockGasket
  readonly interferenceMm: number
  readonly interferenceUncertaintyMm: number
  readonly squeeze: number
  readonly squeezeRange: { readonly least: number; readonly most: number }
}

/** Judges one crystal with one gasket in one case: every constraint with its probability. */
export function assessPair(
  crystal: StockCrystal,
  gasket: StockGasket,
  seat: RingSeat,
  policy: FitPolicy,
): RingCandidate {
  const joint = {
    crystalDiameterMm: crystal.diameterMm,
    gasketWallMm: gasket.wallMm,
    boreMm: seat.bore.valueMm,
  }
  const interferenceMm = diametralInterference(joint)
  const constraints: Constraint[] = [
    { name: 'interference', probability: interferenceProbability(crystal, gasket, seat, policy) },
    { name: 'rim', probability: rimProbability(crystal, gasket, seat, policy) },
    ...handsConstraint(crystal, gasket.footMm, seat, policy),
    certain('gasket-bore', gasketSuitsBore(gasket, seat, policy)),
    certain('gasket-height', gasketHeightSuits(gasket, crystal, seat, policy)),
    certain('stock', crystal.quantity >= 1 && gasket.quantity >= 1),
  ]
  const squeeze = wallSqueeze(joint)
  const interferenceUncertaintyMm = jointUncertaintyMm(seat, policy)
  return {
    crystal,
    gasket,
    hold: {
      title: 'Squeeze',
      value: formatShare(squeeze, 1),
      state: squeezeState(interferenceMm, policy.interferenceBands[gasket.material]),
      standardUncertainty: interferenceUncertaintyMm / (2 * gasket.wallMm),
      unit: 'share',
    },
    interferenceMm,
    interferenceUncertaintyMm,
    squeeze,
    squeezeRange: wallSqueezeRange(joint, seat.boreOvalityMm),
    standing: {
      undersideMm: gasket.footMm,
      rimMm: rimStandMm(crystal, gasket, seat),
      againstOldMm: null,
      ...handStanding(crystal, gasket.footMm, seat),
    },
    ...oddsOfConstraints(constraints),
  }
}

/** Standard uncertainty of the interference of stock parts in this bore, mm. */
function jointUncertaintyMm(seat: Pick<RingSeat, 'bore'>, policy: FitPolicy): number {
  return uncertaintyOfInterferenceMm({
    crystalDiameterMm: policy.crystalDiameterUncertaintyMm,
    gasketWallMm: policy.gasketWallUncertaintyMm,
    boreMm: seat.bore.standardUncertaintyMm,
  })
}

/** Chance that the joint is as tight as the gasket's material wants, 0…1. */
export function interferenceProbability(
  { diameterMm }: Pick<StockCrystal, 'diameterMm'>,
  { wallMm, material }: Pick<StockGasket, 'wallMm' | 'material'>,
  seat: Pick<RingSeat, 'bore'>,
  policy: FitPolicy,
): number {
  const interferenceMm = diametralInterference({
    crystalDiameterMm: diameterMm,
    gasketWallMm: wallMm,
    boreMm: seat.bore.valueMm,
  })
  return probabilityWithin(
    interferenceMm,
    jointUncertaintyMm(seat, policy),
    policy.interferenceBands[material],
  )
}

/** Chance that the edge stands right against the rim, 0…1. */
export function rimProbability(
  { edgeThicknessMm }: Pick<StockCrystal, 'edgeThicknessMm'>,
  gasket: Pick<StockGasket, 'footMm'>,
  { seatDepth }: Pick<RingSeat, 'seatDepth'>,
  policy: FitPolicy,
): number {
  const standsMm = rimStandMm({ edgeThicknessMm }, gasket, { seatDepth })
  return probabilityWithin(standsMm, thicknessAgainst(seatDepth, policy), policy.rimWindow)
}

/** Where the rim of a crystal stands that is pressed home on its seat, mm: above the case positive, sunk negative. */
export function rimStandMm(
  { edgeThicknessMm }: Pick<StockCrystal, 'edgeThicknessMm'>,
  { footMm }: Pick<StockGasket, 'footMm'>,
  { seatDepth }: Pick<RingSeat, 'seatDepth'>,
): number {
  return footMm + edgeThicknessMm - seatDepth.valueMm
}

/** Does the gasket go into this bore? */
export function gasketSuitsBore(
  gasket: Pick<StockGasket, 'outerDiameterMm'>,
  seat: Pick<RingSeat, 'bore'>,
  policy: FitPolicy,
): boolean {
  return reaches(policy.gasketToBoreMm, Math.abs(gasket.outerDiameterMm - seat.bore.valueMm))
}

/** Does the gasket end below the rim and still hold enough of the edge? */
export function gasketHeightSuits(
  gasket: Pick<StockGasket, 'heightMm' | 'footMm'>,
  crystal: Pick<StockCrystal, 'edgeThicknessMm'>,
  seat: Pick<RingSeat, 'seatDepth'>,
  policy: FitPolicy,
): boolean {
  return (
    reaches(policy.flushMm, gasketAboveRimMm(gasket, seat)) &&
    reaches(edgeHeld(gasket, crystal), policy.minimumEdgeHeld)
  )
}

/** How far a seated gasket stands above the rim, mm; negative when it stays below. */
export function gasketAboveRimMm(
  gasket: Pick<StockGasket, 'heightMm'>,
  seat: Pick<RingSeat, 'seatDepth'>,
): number {
  return gasket.heightMm - seat.seatDepth.valueMm
}

/** Part of the crystal's edge that the gasket holds, 0…1. */
export function edgeHeld(
  gasket: Pick<StockGasket, 'heightMm' | 'footMm'>,
  crystal: Pick<StockCrystal, 'edgeThicknessMm'>,
): number {
  const heldMm = Math.min(gasket.heightMm, gasket.footMm + crystal.edgeThicknessMm) - gasket.footMm
  return heldMm / crystal.edgeThicknessMm
}
