import { gasketSuitsBore } from '../ring/assessPair'
import type { Candidate, Constraint } from '../../fit/Candidate'
import type { Fractions } from '../../fit/Window'
import { certain, oddsOfConstraints } from '../../fit/Candidate'
import type { Figure } from '../../fit/CrystalSeat'
import { squeezeState } from '../../section/gasketTint'
import { formatShare } from '../../units/formatMm'
import { reaches } from '../../units/within'
import type { NeckSeat } from './neckSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { handsConstraint, handStanding } from '../../fit/handClearance'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { StockCrystal, StockGasket } from '../../fit/parts'
import { thicknessAgainst } from '../../fit/thicknessAgainst'
import type { Squeeze } from '../../fit/squeezeBetween'
import { bandOf, squeezeBetween, squeezeOdds } from '../../fit/squeezeBetween'

/** A crystal over a neck, with its ring gasket when it is glass. */
export interface NeckCandidate extends Candidate {
  /** of what the bezel squeezes: the acrylic skirt against the neck, or the ring against the glass */
  readonly squeeze: number
  readonly squeezeUncertainty: number
  readonly band: Fractions
  /** skirt inside less neck, mm; null for glass */
  readonly overNeckMm: number | null
}

/**
 * Judges a crystal over a neck: an acrylic cup whose skirt the bezel squeezes against the neck, or glass with a ring
 * that the bezel squeezes against its edge.
 * @param gasket - null for a cup: the acrylic itself is the seal
 * @throws RangeError if glass comes without a ring, or a cup without its skirt
 */
export function assessNeck(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  seat: NeckSeat,
  policy: FitPolicy,
): NeckCandidate {
  const { squeeze, standardUncertainty } = squeezeOf(crystal, gasket, seat, policy)
  const band = bandOf(gasket, policy)
  const overNeckMm =
    crystal.skirtInnerMm === null || gasket ? null : crystal.skirtInnerMm - seat.neckOuter.valueMm
  const constraints: Constraint[] = [
    { name: 'neck-squeeze', probability: squeezeOdds({ squeeze, standardUncertainty }, band) },
    ...(overNeckMm === null ? [] : [overNeck(overNeckMm, seat, policy)]),
    ...(gasket
      ? [
          certain('gasket-bore', gasketSuitsBore(gasket, { bore: seat.bezelInner }, policy)),
          certain('neck-room', hasRoomAtNeck(gasket, seat, policy)),
        ]
      : []),
    ...(gasket && seat.foundThickness ? [edge(crystal, seat.foundThickness, policy)] : []),
    ...handsConstraint(crystal, 0, seat, policy),
    certain('stock', crystal.quantity >= 1 && (gasket === null || gasket.quantity >= 1)),
  ]
  return {
    crystal,
    gasket,
    hold: {
      title: 'Squeeze',
      value: formatShare(squeeze),
      state: squeezeState(squeeze, { lowMm: band.low, highMm: band.high }),
      standardUncertainty,
      unit: 'share',
    },
    squeeze,
    squeezeUncertainty: standardUncertainty,
    band,
    overNeckMm,
    standing: {
      undersideMm: 0,
      rimMm: null,
      // An acrylic cup has its edge in the skirt: only glass lies under the lip by its thickness.
      againstOldMm:
        gasket && seat.foundThickness ? crystal.edgeThicknessMm - seat.foundThickness.valueMm : null,
      ...handStanding(crystal, 0, seat),
    },
    ...oddsOfConstraints(constraints),
  }
}

function squeezeOf(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  { neckOuter, bezelInner }: NeckSeat,
  policy: FitPolicy,
): Squeeze {
  const across = { valueMm: crystal.diameterMm, standardUncertaintyMm: policy.crystalDiameterUncertaintyMm }
  if (gasket) {
    const wall = { valueMm: gasket.wallMm, standardUncertaintyMm: policy.gasketWallUncertaintyMm }
    return squeezeBetween({ inner: across, outer: bezelInner, wall })
  }
  if (crystal.skirtInnerMm === null)
    throw new RangeError(`${crystal.code}: expected a skirt, or a ring for it`)
  const wall = {
    valueMm: (crystal.diameterMm - crystal.skirtInnerMm) / 2,
    standardUncertaintyMm: policy.crystalDiameterUncertaintyMm / Math.SQRT2,
  }
  return squeezeBetween({ inner: neckOuter, outer: bezelInner, wall })
}

function overNeck(overNeckMm: number, seat: NeckSeat, policy: FitPolicy): Constraint {
  const uncertaintyMm = Math.hypot(seat.neckOuter.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  return {
    name: 'over-neck',
    probability: probabilityWithin(overNeckMm, uncertaintyMm, policy.overNeckWindow),
  }
}

/** A ring that also reaches down between bezel and neck must not be crushed there. */
function hasRoomAtNeck(gasket: StockGasket, { neckOuter, bezelInner }: NeckSeat, policy: FitPolicy): boolean {
  const roomMm = (bezelInner.valueMm - neckOuter.valueMm) / 2
  return reaches(roomMm, gasket.wallMm * (1 - bandOf(gasket, policy).high))
}

function edge(crystal: StockCrystal, found: Figure, policy: FitPolicy): Constraint {
  const window = { lowMm: -policy.edgeToOldMm, highMm: policy.edgeToOldMm }
  return {
    name: 'edge',
    probability: probabilityWithin(
      crystal.edgeThicknessMm - found.valueMm,
      thicknessAgainst(found, policy),
      window,
    ),
  }
}
