import type { Candidate, Constraint } from '../../fit/Candidate'
import { certain, oddsOfConstraints } from '../../fit/Candidate'
import type { Figure } from '../../fit/CrystalSeat'
import { squeezeState } from '../../section/gasketTint'
import { formatSignedMm } from '../../units/formatMm'
import type { AcrylicSeat } from './acrylicSeat'
import { oversizeWindow } from './oversizeWindow'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { Window } from '../../fit/Window'
import { handsConstraint, handStanding } from '../../fit/handClearance'
import { probabilityWithin } from '../../fit/probabilityWithin'
import type { StockCrystal } from '../../fit/parts'
import { thicknessAgainst } from '../../fit/thicknessAgainst'
import { reaches } from '../../units/within'

/** An acrylic in its groove or bore. */
export interface AcrylicCandidate extends Candidate {
  /** crystal less opening, mm */
  readonly oversizeMm: number
  readonly oversizeUncertaintyMm: number
  readonly window: Window
  /** oversize over diameter */
  readonly strain: number
}

/**
 * Judges an acrylic in its groove, or one spread against a bore by its metal ring: larger than its seat by enough to
 * hold, by too little to craze. Strain i/D against a craze limit.
 */
export function assessAcrylic(crystal: StockCrystal, seat: AcrylicSeat, policy: FitPolicy): AcrylicCandidate {
  const oversizeMm = crystal.diameterMm - seat.opening.valueMm
  const uncertaintyMm = Math.hypot(seat.opening.standardUncertaintyMm, policy.crystalDiameterUncertaintyMm)
  const window = oversizeWindow(crystal.diameterMm, seat.in, policy)
  const constraints: Constraint[] = [
    { name: 'oversize', probability: probabilityWithin(oversizeMm, uncertaintyMm, window) },
    ...(seat.domeHeight ? [dome(crystal, seat.domeHeight, policy)] : []),
    ...(seat.in === 'bore' && seat.ringHeight
      ? [certain('ring-height', ringSuits(crystal, seat.ringHeight.valueMm, policy))]
      : []),
    ...handsConstraint(crystal, 0, seat, policy),
    certain('stock', crystal.quantity >= 1),
  ]
  return {
    crystal,
    gasket: null,
    hold: {
      title: 'Oversize',
      value: formatSignedMm(oversizeMm),
      state: squeezeState(oversizeMm, window),
      standardUncertainty: uncertaintyMm,
      unit: 'mm',
    },
    oversizeMm,
    oversizeUncertaintyMm: uncertaintyMm,
    window,
    strain: oversizeMm / crystal.diameterMm,
    standing: {
      undersideMm: 0,
      rimMm: null,
      againstOldMm: seat.domeHeight ? wholeHeightMm(crystal) - seat.domeHeight.valueMm : null,
      ...handStanding(crystal, 0, seat),
    },
    ...oddsOfConstraints(constraints),
  }
}

/** Whole height of a domed crystal, mm. */
export function wholeHeightMm({
  undersideRiseMm,
  centreThicknessMm,
}: Pick<StockCrystal, 'undersideRiseMm' | 'centreThicknessMm'>): number {
  return undersideRiseMm + centreThicknessMm
}

function dome(crystal: StockCrystal, old: Figure, policy: FitPolicy): Constraint {
  const window = { lowMm: -policy.lowerDomeMm, highMm: Infinity }
  const higherMm = wholeHeightMm(crystal) - old.valueMm
  return { name: 'dome', probability: probabilityWithin(higherMm, thicknessAgainst(old, policy), window) }
}

function ringSuits({ ringHeightMm }: StockCrystal, oldMm: number, policy: FitPolicy): boolean {
  return ringHeightMm !== null && reaches(policy.ringHeightMm, Math.abs(ringHeightMm - oldMm))
}
