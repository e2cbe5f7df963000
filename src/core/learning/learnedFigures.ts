import { DIMENSIONS } from '../readings/dimensions'
import type { SheetDimension } from '../readings/sheetFigures'
import { sheetField } from '../readings/sheetFigures'
import type { CaseSheet } from '../tray/CaseSheet'
import type { LearnedFigure, LearnedFigures, PieceFigure } from './PieceFigure'
import { isWorkedOut } from './PieceFigure'

/** The table's spread weighs as much as this many differences between pieces. From memory. */
const PRIOR_PIECES = 4

/** The sheet with what it has learned; as it is where it has learned nothing. */
export function withLearned(sheet: CaseSheet, pieces: readonly PieceFigure[]): CaseSheet {
  return pieces.length === 0 ? sheet : { ...sheet, learned: learnedFigures(sheet, pieces) }
}

/** Everything a case sheet has learned from pieces that were handed back. */
export function learnedFigures(sheet: CaseSheet, pieces: readonly PieceFigure[]): LearnedFigures {
  const dimensions = [...new Set(pieces.map(({ dimension }) => dimension))]
  return Object.fromEntries(
    dimensions.map((dimension) => [
      dimension,
      learnedFigure(
        dimension,
        sheet[sheetField(dimension)],
        pieces.filter((piece) => piece.dimension === dimension),
      ),
    ]),
  )
}

/**
 * What to expect of another piece: pieces of one case differ, so each is one draw from a spread, never a better reading
 * of the first. The spread is the table's at first, and drawn to the record as it grows; the figure on the sheet counts
 * as one piece more.
 * @param sheetMm - the figure on the sheet; null where nobody wrote one down
 * @param pieces - at least one
 * @throws RangeError without a piece
 * @source random effects, as DerSimonian and Laird weigh them (weights 1/(τ² + u²)); variance of a normal–inverse-gamma
 * posterior whose prior is worth four pieces
 * @example one piece of 30.96 ± .01 where no sheet says anything and pieces differ by .04: 30.96, standard uncertainty
 * √(.04² + .04² + .01²) = .057
 */
export function learnedFigure(
  dimension: SheetDimension,
  sheetMm: number | null,
  pieces: readonly PieceFigure[],
): LearnedFigure {
  if (pieces.length === 0) throw new RangeError('pieces: expected at least one')
  const tableMm = DIMENSIONS[dimension].sheetUncertaintyMm ?? 0
  const spread2 = spreadSquared(pieces, tableMm)
  const known = [
    ...pieces.map(({ valueMm, standardUncertaintyMm: u }) => ({ valueMm, weight: 1 / (spread2 + u ** 2) })),
    ...(sheetMm === null ? [] : [{ valueMm: sheetMm, weight: 1 / (spread2 + tableMm ** 2) }]),
  ]
  const weight = known.reduce((sum, one) => sum + one.weight, 0)
  return {
    valueMm: known.reduce((sum, one) => sum + one.weight * one.valueMm, 0) / weight,
    standardUncertaintyMm: Math.sqrt(spread2 + 1 / weight),
    spreadMm: Math.sqrt(spread2),
    pieces: pieces.length,
    from: fromText(pieces),
  }
}

/** Standard uncertainties a figure lies off before it is doubted. Common practice. */
const COVERAGE = 3

/** True where the figure on a sheet lies further from what pieces showed than they differ by themselves. */
export function isBeyondSpread(
  dimension: SheetDimension,
  sheetMm: number,
  pieces: readonly PieceFigure[],
): boolean {
  const { valueMm, standardUncertaintyMm } = learnedFigure(dimension, null, pieces)
  return Math.abs(sheetMm - valueMm) > COVERAGE * standardUncertaintyMm
}

/** How far pieces differ beyond what their readings may be off, mm². */
function spreadSquared(pieces: readonly PieceFigure[], tableMm: number): number {
  const mean = pieces.reduce((sum, { valueMm }) => sum + valueMm, 0) / pieces.length
  const squares = pieces.reduce((sum, { valueMm }) => sum + (valueMm - mean) ** 2, 0)
  const differences = pieces.length - 1
  const byReading = pieces.reduce((sum, { standardUncertaintyMm: u }) => sum + u ** 2, 0) / pieces.length
  const shown = Math.max(0, squares - differences * byReading)
  return (PRIOR_PIECES * tableMm ** 2 + shown) / (PRIOR_PIECES + differences)
}

function fromText(pieces: readonly PieceFigure[]): string {
  const last = pieces.reduce((newest, piece) => (piece.trayNumber > newest.trayNumber ? piece : newest))
  if (pieces.length > 1) return `from ${pieces.length} pieces, last tray ${last.trayNumber}`
  const readings =
    last.readings === 0 ? '' : last.readings === 1 ? ', 1 reading' : `, ${last.readings} readings`
  // A figure nobody read is not passed off as one that was.
  return `${isWorkedOut(last) ? 'worked out on' : 'from'} tray ${last.trayNumber}${readings}`
}
