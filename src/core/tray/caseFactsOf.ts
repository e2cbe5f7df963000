import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import type { AcrylicFacts, CaseFacts, CementFacts, Figure, NeckFacts, RingFacts } from '../fit/CaseFacts'
import type { FitPolicy } from '../fit/fitPolicy'
import { fuseEstimates } from '../measure/fuseEstimates'
import type { DimensionId } from '../readings/dimensionKinds'
import { openingDimension } from '../readings/openingDimension'
import { ringBoreOf } from '../readings/ringBoreOf'
import { figureOf, withOrigin } from './caseFigures'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/** Everything known of the case, or the dimension without which nothing can be judged. */
export type CaseFactsOutcome = { ok: true; facts: CaseFacts } | { ok: false; missing: DimensionId }

/** Standard uncertainty of a seat depth taken from the old crystal's thickness, its rim thought flush, mm. From memory. */
const FLUSH_GUESS_UNCERTAINTY_MM = 0.08
/** The longest hand ends this far inside the dial opening, mm. From memory. */
const HANDS_INSIDE_OPENING_MM = 1.4
/** A corner radius this near half the side makes the rebate round, mm. */
const ROUND_WITHIN_MM = 0.3

/** What the fit needs to know of this tray's case, each figure from the best source there is. */
export function caseFactsOf(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): CaseFactsOutcome {
  switch (sheet.retention) {
    case 'tension-gasket':
    case 'press-in-bezel':
      return ringFactsOf(measured, sheet, policy)
    case 'neck-and-bezel':
      return neckFactsOf(measured, sheet)
    case 'snap-acrylic':
      return acrylicFactsOf('groove', measured, sheet)
    case 'tension-ring-acrylic':
      return acrylicFactsOf('bore', measured, sheet)
    case 'cemented':
      return cementFactsOf(measured, sheet)
  }
}

function seenFigures(measured: MeasuredFigures, sheet: CaseSheet) {
  return {
    handReachMm: sheet.dialOpeningMm === null ? null : sheet.dialOpeningMm / 2 - HANDS_INSIDE_OPENING_MM,
    dateRadiusMm: sheet.dateRadiusMm,
    handsBelowSeat: figureOf('hands-below-seat', measured, sheet),
    foundThickness: figureOf('crystal-edge', measured, sheet),
  }
}

type Outcome<F extends CaseFacts> = { ok: true; facts: F } | { ok: false; missing: DimensionId }

function ringFactsOf(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): Outcome<RingFacts> {
  const dimension = ringBoreOf(sheet.retention) ?? 'bore'
  const bore = boreOf(dimension, measured, sheet, policy)
  if (!bore) return { ok: false, missing: dimension }
  const seen = seenFigures(measured, sheet)
  const seatDepth = figureOf('seat-depth', measured, sheet) ?? seatFromThickness(seen.foundThickness)
  if (!seatDepth) return { ok: false, missing: 'seat-depth' }
  const { ovalityMm: boreOvalityMm = 0, longAxisDeg: boreLongAxisDeg = 0 } =
    measured[dimension]?.roundness ?? {}
  return {
    ok: true,
    facts: {
      held: 'ring',
      in: dimension === 'bezel-bore' ? 'bezel' : 'case',
      bore,
      boreOvalityMm,
      boreLongAxisDeg,
      seatDepth,
      ...seen,
    },
  }
}

/**
 * The bore: measured, by itself and through the opening left by the gasket; else through the old crystal, which sat in
 * it with a usual interference; else from the case sheet.
 */
function boreOf(
  dimension: DimensionId,
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): Figure | null {
  const wall = figureOf('gasket-wall', measured, sheet)
  const read = measured[dimension]
  const direct = read ? withOrigin(read.valueMm, read.standardUncertaintyMm, 'measured') : null
  const twoWallsMore = (mm: number, u: number, extraMm: number, extraU: number): Figure | null =>
    wall &&
    withOrigin(
      mm + 2 * wall.valueMm + extraMm,
      Math.hypot(u, 2 * wall.standardUncertaintyMm, extraU),
      'derived',
    )
  // A new bezel's bore has nothing to do with what sat in the old one.
  const ofNewBezel = sheet.figureOrigins?.[dimension] === 'supplier'
  const { opening } = measured
  const crystal = ofNewBezel ? undefined : measured['crystal-diameter']
  const throughOpening = opening ? twoWallsMore(opening.valueMm, opening.standardUncertaintyMm, 0, 0) : null
  if (direct && throughOpening) return { ...fuseEstimates([direct, throughOpening]), origin: 'measured' }
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy)
  const throughCrystal = crystal
    ? twoWallsMore(crystal.valueMm, crystal.standardUncertaintyMm, -aim.valueMm, aim.standardUncertaintyMm)
    : null
  return direct ?? throughOpening ?? throughCrystal ?? figureOf(dimension, {}, sheet)
}

function seatFromThickness(thickness: Figure | null): Figure | null {
  return thickness && withOrigin(thickness.valueMm, FLUSH_GUESS_UNCERTAINTY_MM, 'assumed')
}

function neckFactsOf(measured: MeasuredFigures, sheet: CaseSheet): Outcome<NeckFacts> {
  const neckOuter = figureOf('neck-outer', measured, sheet)
  const bezelInner = figureOf('bezel-inner', measured, sheet)
  if (!neckOuter) return { ok: false, missing: 'neck-outer' }
  if (!bezelInner) return { ok: false, missing: 'bezel-inner' }
  const crystal = sheet.crystalMaterial === 'acrylic' ? 'cup' : 'glass'
  return {
    ok: true,
    facts: { held: 'neck', crystal, neckOuter, bezelInner, ...seenFigures(measured, sheet) },
  }
}

function acrylicFactsOf(
  seat: AcrylicFacts['seat'],
  measured: MeasuredFigures,
  sheet: CaseSheet,
): Outcome<AcrylicFacts> {
  const opening = figureOf(seat, measured, sheet)
  if (!opening) return { ok: false, missing: seat }
  const domeHeight = figureOf('dome-height', measured, sheet)
  const ringHeight = figureOf('ring-height', measured, sheet)
  return {
    ok: true,
    facts: { held: 'acrylic', seat, opening, domeHeight, ringHeight, ...seenFigures(measured, sheet) },
  }
}

function cementFactsOf(measured: MeasuredFigures, sheet: CaseSheet): Outcome<CementFacts> {
  const readAs = openingDimension(sheet) === 'bore' ? 'bore' : 'rebate-length'
  const length = figureOf(readAs, measured, sheet)
  if (!length) return { ok: false, missing: readAs }
  const cornerRadius = figureOf('rebate-corner', measured, sheet)
  const width = figureOf('rebate-width', measured, sheet)
  const round = isRound(length, width, cornerRadius, sheet)
  if (!width && !round) return { ok: false, missing: 'rebate-width' }
  const seen = seenFigures(measured, sheet)
  const depth = figureOf('rebate-depth', measured, sheet) ?? seatFromThickness(seen.foundThickness)
  if (!depth) return { ok: false, missing: 'rebate-depth' }
  return {
    ok: true,
    facts: {
      held: 'cement',
      outline: round ? 'round' : 'shaped',
      readAs,
      length,
      width: round || !width ? length : width,
      depth,
      cornerRadius,
      ...seen,
    },
  }
}

/** As the sheet says; else round where the corners meet in the middle, or where a diameter is known and no sides. */
function isRound(
  length: Figure,
  width: Figure | null,
  corner: Figure | null,
  { crystalOutline, crystalDiameterMm, crystalLengthMm }: CaseSheet,
): boolean {
  if (crystalOutline !== null) return crystalOutline === 'round'
  if (corner) {
    const shorter = Math.min(length.valueMm, width?.valueMm ?? length.valueMm)
    const even = !width || Math.abs(length.valueMm - width.valueMm) < ROUND_WITHIN_MM
    return even && Math.abs(corner.valueMm - shorter / 2) < ROUND_WITHIN_MM
  }
  return crystalDiameterMm !== null && crystalLengthMm === null
}
