import type { Figure, FigureOrigin } from '../fit/CrystalSeat'
import type { DimensionId } from '../readings/dimensionKinds'
import type { CaseSheet } from './CaseSheet'
import type { MeasuredFigures } from './measuredFigures'

/** How far a figure on a case sheet may be off for another piece of the same case, standard uncertainty, mm. From memory. */
const SHEET_UNCERTAINTY_MM: Readonly<Partial<Record<DimensionId, number>>> = {
  bore: 0.03,
  opening: 0.04,
  'crystal-diameter': 0.03,
  'crystal-edge': 0.04,
  'crystal-centre': 0.06,
  'gasket-wall': 0.015,
  'gasket-height': 0.04,
  'seat-depth': 0.04,
  'hands-below-seat': 0.06,
  'bezel-gasket-wall': 0.015,
  'back-ring-section': 0.03,
}
/** The same for what is not named there, mm. From memory. */
const OTHER_UNCERTAINTY_MM = 0.04

/** A new part against the size its supplier gives, mm. From memory. */
const SUPPLIER_UNCERTAINTY_MM = 0.03
/** What is taken over from the part before, mm. From memory. */
const ASSUMED_UNCERTAINTY_MM = 0.08

/** Where the case sheet keeps a dimension; null where it follows from others. */
const SHEET_FIELDS = {
  bore: 'boreMm',
  opening: null,
  'crystal-diameter': 'crystalDiameterMm',
  'crystal-edge': 'crystalEdgeMm',
  'crystal-centre': 'crystalCentreMm',
  'gasket-wall': 'gasketWallMm',
  'gasket-height': 'gasketHeightMm',
  'seat-depth': 'seatDepthMm',
  'hands-below-seat': 'handsBelowSeatMm',
  'neck-outer': 'neckOuterMm',
  'skirt-inner': 'skirtInnerMm',
  'skirt-outer': 'skirtOuterMm',
  'bezel-inner': 'bezelInnerMm',
  'bezel-bore': 'bezelBoreMm',
  'bezel-gasket-wall': 'bezelGasketWallMm',
  'key-spacing': 'keySpacingMm',
  'key-width': 'keyWidthMm',
  groove: 'grooveMm',
  'dome-height': 'domeHeightMm',
  'ring-height': 'ringHeightMm',
  'rebate-length': 'rebateLengthMm',
  'rebate-width': 'rebateWidthMm',
  'rebate-depth': 'rebateDepthMm',
  'rebate-corner': 'rebateCornerMm',
  'crystal-length': 'crystalLengthMm',
  'crystal-width': 'crystalWidthMm',
  'gasket-outer': 'gasketOuterMm',
  'insert-outer': 'insertOuterMm',
  'insert-inner': 'insertInnerMm',
  'insert-thickness': 'insertThicknessMm',
  'recess-outer': 'recessOuterMm',
  'recess-inner': 'recessInnerMm',
  'recess-depth': 'recessDepthMm',
  'bezel-outer': 'bezelOuterMm',
  'chapter-ring-inner': 'chapterRingInnerMm',
  'back-ring-inner': 'backRingInnerMm',
  'back-ring-section': 'backRingSectionMm',
  'back-groove-inner': 'backGrooveInnerMm',
  'back-groove-width': 'backGrooveWidthMm',
  'back-groove-depth': 'backGrooveDepthMm',
  'crown-tube': 'crownTubeMm',
  'crown-bore': 'crownBoreMm',
  'chapter-ring-outer': 'chapterRingOuterMm',
  'chapter-ring-height': 'chapterRingHeightMm',
  'crown-room': 'crownRoomMm',
} as const satisfies Readonly<Record<DimensionId, keyof CaseSheet | null>>

/** What the case sheet says of a dimension, mm; null when it says nothing. */
export function sheetValueMm(dimension: DimensionId, sheet: CaseSheet): number | null {
  const field = SHEET_FIELDS[dimension]
  if (field !== null) return sheet[field]
  return sheet.boreMm !== null && sheet.gasketWallMm !== null ? sheet.boreMm - 2 * sheet.gasketWallMm : null
}

/** Best figure for a dimension: measured on this tray, else from the case sheet, else null. */
export function figureOf(dimension: DimensionId, measured: MeasuredFigures, sheet: CaseSheet): Figure | null {
  const figure = measured[dimension]
  if (figure) return withOrigin(figure.valueMm, figure.standardUncertaintyMm, 'measured')
  const fromSheet = sheetValueMm(dimension, sheet)
  if (fromSheet === null) return null
  const origin = sheet.figureOrigins?.[dimension] ?? 'sheet'
  return withOrigin(fromSheet, uncertaintyMm(dimension, origin), origin)
}

function uncertaintyMm(dimension: DimensionId, origin: FigureOrigin): number {
  if (origin === 'supplier') return SUPPLIER_UNCERTAINTY_MM
  if (origin === 'assumed') return ASSUMED_UNCERTAINTY_MM
  return SHEET_UNCERTAINTY_MM[dimension] ?? OTHER_UNCERTAINTY_MM
}

export function withOrigin(valueMm: number, standardUncertaintyMm: number, origin: FigureOrigin): Figure {
  return { valueMm, standardUncertaintyMm, origin }
}
