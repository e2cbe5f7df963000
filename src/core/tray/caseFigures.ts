import type { Figure, FigureOrigin } from '../fit/CaseFacts'
import type { DimensionId } from '../readings/dimensions'
import type { CaseSheetFacts } from './CaseSheetFacts'
import type { MeasuredFigures } from './measuredFigures'

/** How far a figure on a case sheet may be off for another piece of the same case, standard uncertainty, mm. From memory. */
const SHEET_UNCERTAINTY_MM: Readonly<Record<DimensionId, number>> = {
  bore: 0.03,
  opening: 0.04,
  'crystal-diameter': 0.03,
  'crystal-edge': 0.04,
  'crystal-centre': 0.06,
  'gasket-wall': 0.015,
  'gasket-height': 0.04,
  'seat-depth': 0.04,
  'hands-below-seat': 0.06,
}

/** What the case sheet says of a dimension, mm; null when it says nothing. */
export function sheetValueMm(dimension: DimensionId, sheet: CaseSheetFacts): number | null {
  switch (dimension) {
    case 'bore':
      return sheet.boreMm
    case 'opening':
      return sheet.boreMm !== null && sheet.gasketWallMm !== null
        ? sheet.boreMm - 2 * sheet.gasketWallMm
        : null
    case 'crystal-diameter':
      return sheet.crystalDiameterMm
    case 'crystal-edge':
      return sheet.crystalEdgeMm
    case 'crystal-centre':
      return sheet.crystalCentreMm
    case 'gasket-wall':
      return sheet.gasketWallMm
    case 'gasket-height':
      return sheet.gasketHeightMm
    case 'seat-depth':
      return sheet.seatDepthMm
    case 'hands-below-seat':
      return sheet.handsBelowSeatMm
  }
}

/** Best figure for a dimension: measured on this tray, else from the case sheet, else null. */
export function figureOf(
  dimension: DimensionId,
  measured: MeasuredFigures,
  sheet: CaseSheetFacts,
): Figure | null {
  const figure = measured[dimension]
  if (figure) return withOrigin(figure.valueMm, figure.standardUncertaintyMm, 'measured')
  const fromSheet = sheetValueMm(dimension, sheet)
  return fromSheet === null ? null : withOrigin(fromSheet, SHEET_UNCERTAINTY_MM[dimension], 'sheet')
}

export function withOrigin(valueMm: number, standardUncertaintyMm: number, origin: FigureOrigin): Figure {
  return { valueMm, standardUncertaintyMm, origin }
}
