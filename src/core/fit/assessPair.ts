import { formatMm, formatSignedMm } from '../units/formatMm'
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
  /** why it fails, in words with the figure and the limit; shown when it fails */
  readonly failure: string
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
    interferenceConstraint(interferenceMm, uncertaintyMm, gasket, policy),
    rimConstraint(standing, facts, policy),
    ...handsConstraint(standing, facts, policy),
    gasketBoreConstraint(gasket, facts, policy),
    gasketHeightConstraint(gasket, crystal, facts, policy),
    stockConstraint(crystal, gasket),
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

function interferenceConstraint(
  interferenceMm: number,
  uncertaintyMm: number,
  gasket: StockGasket,
  policy: FitPolicy,
): Constraint {
  const band = policy.interferenceBands[gasket.material]
  const size = formatMm(Math.abs(interferenceMm))
  const limits = `${gasket.material} wants ${formatMm(band.lowMm)}–${formatMm(band.highMm)}`
  let failure: string
  if (interferenceMm < 0) failure = `loose by ${size}; ${limits}`
  else if (interferenceMm > band.highMm) failure = `too tight: interference ${size}; ${limits}`
  else if (interferenceMm < band.lowMm) failure = `hardly held: interference ${size}; ${limits}`
  else failure = `interference ${size} too uncertain (±${formatMm(2 * uncertaintyMm)}) for ${limits}`
  return {
    name: 'interference',
    probability: probabilityWithin(interferenceMm, uncertaintyMm, band),
    failure,
  }
}

function rimConstraint(standing: AxialStanding, facts: CaseFacts, policy: FitPolicy): Constraint {
  const uncertaintyMm = Math.hypot(facts.seatDepth.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  const { lowMm, highMm } = policy.rimWindow
  const word = standing.rimMm > 0 ? 'proud' : 'sunk'
  return {
    name: 'rim',
    probability: probabilityWithin(standing.rimMm, uncertaintyMm, policy.rimWindow),
    failure: `stands ${formatSignedMm(standing.rimMm)} ${word}; limits ${formatSignedMm(lowMm)} to ${formatSignedMm(highMm)}`,
  }
}

function handsConstraint(standing: AxialStanding, facts: CaseFacts, policy: FitPolicy): Constraint[] {
  if (standing.handClearanceMm === null || !facts.handsBelowSeat) return []
  const uncertaintyMm = Math.hypot(facts.handsBelowSeat.standardUncertaintyMm, policy.thicknessUncertaintyMm)
  return [
    {
      name: 'hands',
      probability: probabilityWithin(standing.handClearanceMm, uncertaintyMm, {
        lowMm: policy.minimumHandClearanceMm,
        highMm: Infinity,
      }),
      failure: `${formatMm(standing.handClearanceMm)} to the hands; needs ${formatMm(policy.minimumHandClearanceMm)}`,
    },
  ]
}

function gasketBoreConstraint(gasket: StockGasket, facts: CaseFacts, policy: FitPolicy): Constraint {
  const offMm = gasket.outerDiameterMm - facts.bore.valueMm
  return {
    name: 'gasket-bore',
    probability: Math.abs(offMm) <= policy.gasketToBoreMm ? 1 : 0,
    failure: `gasket is ${formatMm(Math.abs(offMm))} ${offMm > 0 ? 'larger' : 'smaller'} than the bore; limit ${formatMm(policy.gasketToBoreMm)}`,
  }
}

function gasketHeightConstraint(
  gasket: StockGasket,
  crystal: StockCrystal,
  facts: CaseFacts,
  policy: FitPolicy,
): Constraint {
  const heldMm = Math.min(gasket.heightMm, gasket.footMm + crystal.edgeThicknessMm) - gasket.footMm
  const aboveRimMm = gasket.heightMm - facts.seatDepth.valueMm
  if (aboveRimMm > policy.flushMm) {
    return {
      name: 'gasket-height',
      probability: 0,
      failure: `gasket would stand ${formatMm(aboveRimMm)} above the rim`,
    }
  }
  const held = heldMm / crystal.edgeThicknessMm
  return {
    name: 'gasket-height',
    probability: held >= policy.minimumEdgeHeld ? 1 : 0,
    failure: `gasket holds only ${Math.round(held * 100)} % of the edge; needs ${Math.round(policy.minimumEdgeHeld * 100)} %`,
  }
}

function stockConstraint(crystal: StockCrystal, gasket: StockGasket): Constraint {
  const missing = crystal.quantity < 1 ? `crystal ${crystal.code}` : `gasket ${gasket.code}`
  return {
    name: 'stock',
    probability: crystal.quantity >= 1 && gasket.quantity >= 1 ? 1 : 0,
    failure: `no ${missing} left in its drawer`,
  }
}
