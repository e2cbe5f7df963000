import { gasketSuitsBore } from './assessPair'
import type { Constraint, NeckAssessment } from './Candidate'
import type { Fractions } from './Window'
import { certain, oddsOfConstraints } from './Candidate'
import type { Figure, NeckFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { handClearanceMm, handsConstraint } from './handClearance'
import { probabilityWithin } from './interference'
import type { StockCrystal, StockGasket } from './parts'
import { thicknessAgainst } from './plannedUncertainty'
import type { Squeeze } from './squeezeBetween'
import { squeezeBetween, squeezeOdds } from './squeezeBetween'

/**
 * Judges a crystal over a neck: an acrylic cup whose skirt the bezel squeezes against the neck, or glass with a ring
 * that the bezel squeezes against its edge.
 * @param gasket - null for a cup: the acrylic itself is the seal
 * @throws RangeError if glass comes without a ring, or a cup without its skirt
 */
export function assessNeck(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  facts: NeckFacts,
  policy: FitPolicy,
): NeckAssessment {
  const { squeeze, standardUncertainty } = squeezeOf(crystal, gasket, facts, policy)
  const band = bandOf(gasket, policy)
  const overNeckMm =
    crystal.skirtInnerMm === null || gasket ? null : crystal.skirtInnerMm - facts.neckOuter.valueMm
  const constraints: Constraint[] = [
    { name: 'neck-squeeze', probability: squeezeOdds({ squeeze, standardUncertainty }, band) },
    ...(overNeckMm === null ? [] : [overNeck(overNeckMm, facts, policy)]),
    ...(gasket
      ? [
          certain('gasket-bore', gasketSuitsBore(gasket, { bore: facts.bezelInner }, policy)),
          certain('neck-room', hasRoomAtNeck(gasket, facts, policy)),
        ]
      : []),
    ...(gasket && facts.foundThickness ? [edge(crystal, facts.foundThickness, policy)] : []),
    ...handsConstraint(crystal, 0, facts, policy),
    certain('stock', crystal.quantity >= 1 && (gasket === null || gasket.quantity >= 1)),
  ]
  return {
    held: 'neck',
    crystal,
    gasket,
    squeeze,
    squeezeUncertainty: standardUncertainty,
    band,
    overNeckMm,
    standing: {
      undersideMm: 0,
      rimMm: null,
      // An acrylic cup has its edge in the skirt: only glass lies under the lip by its thickness.
      againstOldMm:
        gasket && facts.foundThickness ? crystal.edgeThicknessMm - facts.foundThickness.valueMm : null,
      handClearanceMm: handClearanceMm(crystal, 0, facts),
    },
    ...oddsOfConstraints(constraints),
  }
}

function squeezeOf(
  crystal: StockCrystal,
  gasket: StockGasket | null,
  { neckOuter, bezelInner }: NeckFacts,
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

export function bandOf(gasket: Pick<StockGasket, 'material'> | null, policy: FitPolicy): Fractions {
  return gasket ? policy.neckSqueezeBands[gasket.material] : policy.skirtSqueeze
}

function overNeck(overNeckMm: number, facts: NeckFacts, policy: FitPolicy): Constraint {
  const uncertaintyMm = Math.hypot(facts.neckOuter.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  return {
    name: 'over-neck',
    probability: probabilityWithin(overNeckMm, uncertaintyMm, policy.overNeckWindow),
  }
}

/** A ring that also reaches down between bezel and neck must not be crushed there. */
function hasRoomAtNeck(
  gasket: StockGasket,
  { neckOuter, bezelInner }: NeckFacts,
  policy: FitPolicy,
): boolean {
  const roomMm = (bezelInner.valueMm - neckOuter.valueMm) / 2
  return roomMm >= gasket.wallMm * (1 - bandOf(gasket, policy).high)
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
