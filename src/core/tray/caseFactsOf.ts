import type { CaseFacts, Figure } from '../fit/CaseFacts'
import { fuseEstimates } from '../measure/fuseEstimates'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { figureOf, withOrigin } from './caseFigures'
import type { CaseSheetFacts } from './CaseSheetFacts'
import type { MeasuredFigures } from './measuredFigures'

export type CaseFactsOutcome = { ok: true; facts: CaseFacts } | { ok: false; missing: 'bore' | 'seat-depth' }

/** Standard uncertainty of a seat depth taken from the old crystal's thickness, its rim thought flush, mm. From memory. */
const FLUSH_GUESS_UNCERTAINTY_MM = 0.08

/** What the fit needs to know of this tray's case, each figure from the best source there is. */
export function caseFactsOf(measured: MeasuredFigures, sheet: CaseSheetFacts): CaseFactsOutcome {
  const bore = boreOf(measured, sheet)
  if (!bore) return { ok: false, missing: 'bore' }
  const foundThickness = figureOf('crystal-edge', measured, sheet)
  const seatDepth = figureOf('seat-depth', measured, sheet) ?? seatFromThickness(foundThickness)
  if (!seatDepth) return { ok: false, missing: 'seat-depth' }
  return {
    ok: true,
    facts: {
      bore,
      boreOvalityMm: measured.bore?.roundness?.ovalityMm ?? 0,
      seatDepth,
      handsBelowSeat: figureOf('hands-below-seat', measured, sheet),
      foundThickness,
    },
  }
}

/**
 * The bore: measured, by itself and through the opening left by the gasket; else through the old crystal, which sat in
 * it with a usual interference; else from the case sheet.
 */
function boreOf(measured: MeasuredFigures, sheet: CaseSheetFacts): Figure | null {
  const wall = figureOf('gasket-wall', measured, sheet)
  const direct = measured.bore
    ? withOrigin(measured.bore.valueMm, measured.bore.standardUncertaintyMm, 'measured')
    : null
  const twoWallsMore = (mm: number, u: number, extraMm: number, extraU: number): Figure | null =>
    wall &&
    withOrigin(
      mm + 2 * wall.valueMm + extraMm,
      Math.hypot(u, 2 * wall.standardUncertaintyMm, extraU),
      'derived',
    )
  const { opening } = measured
  const crystal = measured['crystal-diameter']
  const throughOpening = opening ? twoWallsMore(opening.valueMm, opening.standardUncertaintyMm, 0, 0) : null
  if (direct && throughOpening) return { ...fuseEstimates([direct, throughOpening]), origin: 'measured' }
  const aim = VERDICT_POLICY.aimedInterference
  const throughCrystal = crystal
    ? twoWallsMore(crystal.valueMm, crystal.standardUncertaintyMm, -aim.valueMm, aim.standardUncertaintyMm)
    : null
  return direct ?? throughOpening ?? throughCrystal ?? figureOf('bore', {}, sheet)
}

function seatFromThickness(thickness: Figure | null): Figure | null {
  return thickness && withOrigin(thickness.valueMm, FLUSH_GUESS_UNCERTAINTY_MM, 'assumed')
}
