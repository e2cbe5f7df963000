import type { Figure, FigureOrigin } from '../fit/CrystalSeat'
import type { LearnedFigure } from '../learning/PieceFigure'
import { plainEstimate } from '../measure/combinedEstimate'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS, isOfCase } from '../readings/dimensions'
import { isOnSheets, sheetField } from '../readings/sheetFigures'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/** What follows from two figures of a sheet, standard uncertainty, mm. From memory. */
const FOLLOWED_UNCERTAINTY_MM = 0.04
/** A new part against the size its supplier gives, mm. From memory. */
const SUPPLIER_UNCERTAINTY_MM = 0.03
/** What is taken over from the part before, mm. From memory. */
const ASSUMED_UNCERTAINTY_MM = 0.08

/** What the case sheet has learned of a dimension; what a new part's supplier says goes before it. */
export function learnedOf(
  dimension: DimensionId,
  { learned, figureOrigins }: CaseSheet,
): LearnedFigure | undefined {
  return isOnSheets(dimension) && figureOrigins?.[dimension] === undefined ? learned?.[dimension] : undefined
}

/** What the case sheet says of a dimension, mm, by its own figure and by earlier pieces; null when it says nothing. */
export function sheetValueMm(dimension: DimensionId, sheet: CaseSheet): number | null {
  const learned = learnedOf(dimension, sheet)
  if (learned) return learned.valueMm
  if (isOnSheets(dimension)) return sheet[sheetField(dimension)]
  if (!isOfCase(dimension)) return null
  const [bore, wall] = [sheetValueMm('bore', sheet), sheetValueMm('gasket-wall', sheet)]
  return bore !== null && wall !== null ? bore - 2 * wall : null
}

/** Best figure for a dimension: measured on this tray, else from the case sheet, else null. */
export function figureOf(dimension: DimensionId, measured: MeasuredFigures, sheet: CaseSheet): Figure | null {
  const figure = measured[dimension]
  if (figure) return { ...plainEstimate(figure), origin: 'measured' }
  const fromSheet = sheetValueMm(dimension, sheet)
  if (fromSheet === null) return null
  const origin = sheet.figureOrigins?.[dimension] ?? 'sheet'
  const learned = learnedOf(dimension, sheet)
  return withOrigin(fromSheet, learned?.standardUncertaintyMm ?? uncertaintyMm(dimension, origin), origin)
}

function uncertaintyMm(dimension: DimensionId, origin: FigureOrigin): number {
  if (origin === 'supplier') return SUPPLIER_UNCERTAINTY_MM
  if (origin === 'assumed') return ASSUMED_UNCERTAINTY_MM
  return DIMENSIONS[dimension].sheetUncertaintyMm ?? FOLLOWED_UNCERTAINTY_MM
}

export function withOrigin(valueMm: number, standardUncertaintyMm: number, origin: FigureOrigin): Figure {
  return { valueMm, standardUncertaintyMm, origin }
}
