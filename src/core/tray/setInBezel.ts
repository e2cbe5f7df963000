import type { BezelAssessment } from '../bezel/assessBezel'
import type { BezelSet } from '../bezel/bezelSet'
import { setProbability } from '../bezel/bezelSet'
import type { BezelJoint } from '../fit/bezelRings'
import { bezelRings } from '../fit/bezelRings'
import { constructionOf } from '../construction/constructions'
import type { FitWishes } from '../fit/FitWishes'
import type { FitPolicy } from '../fit/fitPolicy'
import { shortlist } from '../fit/shortlist'
import type { StockIndex } from '../fit/stockIndex'
import { figureOf } from './caseFigures'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'
import { seatOf } from './seatOf'

/** The joint between a removable bezel and its case, from the best figures there are. */
export function bezelJoint(measured: MeasuredFigures, sheet: CaseSheet): BezelJoint {
  return {
    neckOuter: figureOf('neck-outer', measured, sheet),
    bezelInner: figureOf('bezel-inner', measured, sheet),
    oldWall: figureOf('bezel-gasket-wall', measured, sheet),
    family: sheet.bezelFamily,
  }
}

export interface SetBasis {
  readonly measured: MeasuredFigures
  /** with the bezel's figures in it, see sheetWithBezel */
  readonly sheet: CaseSheet
  readonly wishes: FitWishes
  readonly policy: FitPolicy
}

/** What of the drawers goes best with a bezel: the crystal with its ring by that bezel's bore, the second ring by its inside. */
export function setInBezel(
  drawers: StockIndex,
  { probability }: Pick<BezelAssessment, 'probability'>,
  { measured, sheet, wishes, policy }: SetBasis,
): BezelSet {
  const outcome = seatOf(measured, sheet, policy)
  const crystal = outcome.ok
    ? (shortlist(drawers, outcome.seat, wishes, { policy, most: 1 }).fitting[0] ?? null)
    : null
  const ringed = constructionOf(sheet.retention).bezel?.role === 'carries'
  const ring = ringed
    ? (bezelRings(drawers.otherGaskets, bezelJoint(measured, sheet), policy, 1)[0] ?? null)
    : null
  const parts = [{ probability }, crystal, ...(ringed ? [ring] : [])].filter((part) => part !== null)
  const whole = crystal !== null && (ring !== null || !ringed)
  return { crystal, ring, ringed, probability: whole ? setProbability(parts) : 0 }
}
