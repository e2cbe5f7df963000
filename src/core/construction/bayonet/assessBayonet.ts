import type { Candidate } from '../../fit/Candidate'
import { certain, oddsOfConstraints } from '../../fit/Candidate'
import { crystalsBetween } from '../../fit/crystalsBetween'
import type { FitPolicy } from '../../fit/fitPolicy'
import { handsConstraint, handStanding } from '../../fit/handClearance'
import type { StockCrystal, StockGasket } from '../../fit/parts'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { Squeeze } from '../../fit/squeezeBetween'
import { squeezeOdds } from '../../fit/squeezeBetween'
import type { StockIndex } from '../../fit/stockIndex'
import type { Window } from '../../fit/Window'
import { combinedEstimate } from '../../measure/combinedEstimate'
import type { SqueezeState } from '../../section/gasketTint'
import { squeezeState } from '../../section/gasketTint'
import { formatShare } from '../../units/formatMm'
import type { BayonetSeat } from './bayonetSeat'
import { roomMm } from './bayonetSeat'
import { reaches, within } from '../../units/within'

/** Rebate less the gasket’s outside: it lies flat and stays under the glass. From memory. */
const GASKET_PLAY: Window = { lowMm: -0.05, highMm: 0.5 }
/** Beyond its play a glass is not even a near miss, mm. */
const NEAR_MM = 0.2

export interface BayonetCandidate extends Candidate {
  readonly gasket: StockGasket
  /** of the gasket’s height */
  readonly squeeze: number
  readonly squeezeUncertainty: number
  /** rebate less glass, across, mm */
  readonly playMm: number
}

/**
 * How far the ring at its stop squeezes the gasket: 1 − (depth − stroke − edge) / height.
 * @example depth 2.40, stroke 0.60, edge 1.20, height 0.75 // room 0.60: 0.20
 */
function axialSqueeze(
  crystal: StockCrystal,
  { heightMm }: StockGasket,
  seat: BayonetSeat,
  policy: FitPolicy,
): Squeeze {
  const underGlassMm = roomMm(seat) - crystal.edgeThicknessMm
  return {
    squeeze: 1 - underGlassMm / heightMm,
    standardUncertainty: Math.hypot(
      combinedEstimate([
        [1, seat.depth],
        [-1, seat.stroke],
      ]).standardUncertaintyMm / heightMm,
      policy.thicknessUncertaintyMm / heightMm,
      (underGlassMm * policy.gasketWallUncertaintyMm) / heightMm ** 2,
    ),
  }
}

/** What a flat gasket's squeeze is called. @param squeeze - part of its height */
export function flatSqueezeState(squeeze: number, { flatSqueeze: { low, high } }: FitPolicy): SqueezeState {
  return squeezeState(squeeze, { lowMm: low, highMm: high })
}

/** Judges a glass on a flat gasket under its ring: by the gasket’s squeeze, the play of both in the rebate, the hands. */
export function assessBayonet(
  crystal: StockCrystal,
  gasket: StockGasket,
  seat: BayonetSeat,
  policy: FitPolicy,
): BayonetCandidate {
  const squeeze = axialSqueeze(crystal, gasket, seat, policy)
  const playMm = seat.across.valueMm - crystal.diameterMm
  const playUncertaintyMm = Math.hypot(seat.across.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  // Squeezed away altogether the glass would lie on the shelf.
  const undersideMm = Math.max(0, roomMm(seat) - crystal.edgeThicknessMm)
  const gasketPlayMm = seat.across.valueMm - gasket.outerDiameterMm
  return {
    crystal,
    gasket,
    hold: {
      title: 'Squeeze',
      value: formatShare(squeeze.squeeze),
      state: flatSqueezeState(squeeze.squeeze, policy),
      standardUncertainty: squeeze.standardUncertainty,
      unit: 'share',
    },
    squeeze: squeeze.squeeze,
    squeezeUncertainty: squeeze.standardUncertainty,
    playMm,
    standing: {
      undersideMm,
      rimMm: null,
      againstOldMm: seat.foundThickness ? crystal.edgeThicknessMm - seat.foundThickness.valueMm : null,
      ...handStanding(crystal, undersideMm, seat),
    },
    ...oddsOfConstraints([
      { name: 'axial-squeeze', probability: squeezeOdds(squeeze, policy.flatSqueeze) },
      { name: 'glass-play', probability: probabilityWithin(playMm, playUncertaintyMm, policy.glassPlay) },
      certain('gasket-play', within(gasketPlayMm, GASKET_PLAY.lowMm, GASKET_PLAY.highMm)),
      ...handsConstraint(crystal, undersideMm, seat, policy),
      certain('stock', crystal.quantity >= 1 && gasket.quantity >= 1),
    ]),
  }
}

/** Every glass that nearly drops into the rebate, on every flat gasket that does, each judged. */
export function* nearBayonet(
  index: StockIndex,
  seat: BayonetSeat,
  policy: FitPolicy,
): Generator<BayonetCandidate> {
  const { valueMm } = seat.across
  const flat = index.otherGaskets.filter(
    ({ use, section, outerDiameterMm }) =>
      use === 'crystal' &&
      section === 'flat' &&
      reaches(GASKET_PLAY.highMm + NEAR_MM, Math.abs(valueMm - outerDiameterMm)),
  )
  const { lowMm, highMm } = policy.glassPlay
  const [leastMm, mostMm] = [valueMm - highMm - NEAR_MM, valueMm - lowMm + NEAR_MM]
  for (const gasket of flat)
    for (const crystal of crystalsBetween(index.crystals, leastMm, mostMm))
      yield assessBayonet(crystal, gasket, seat, policy)
}
