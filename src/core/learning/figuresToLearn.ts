import type { Figure } from '../fit/CrystalSeat'
import { isOnSheets } from '../readings/sheetFigures'
import type { DimensionId } from '../readings/dimensions'
import type { MeasuredFigures } from '../tray/measuredFigures'
import type { PieceFigure } from './PieceFigure'
import { WORKED_OUT } from './PieceFigure'

export interface MeasuredPiece {
  readonly trayNumber: number
  /** as it came: with its old bezel, whatever goes on instead */
  readonly measured: MeasuredFigures
  /** of its seat: what was worked out from this piece's readings teaches as well */
  readonly seat: Readonly<Partial<Record<DimensionId, Figure>>>
  readonly instruments: readonly { readonly id: number; readonly kind: string }[]
}

/** What a case sheet takes from a piece that is handed back. */
export function figuresToLearn(piece: MeasuredPiece): PieceFigure[] {
  const { trayNumber, measured, instruments } = piece
  const read = (Object.keys(measured) as DimensionId[]).filter(isOnSheets).flatMap((dimension) => {
    const figure = measured[dimension]
    if (!figure) return []
    const { valueMm, standardUncertaintyMm, readings } = figure
    const used = instruments.filter(({ id }) => readings.some(({ instrumentId }) => instrumentId === id))
    const kinds = [...new Set(used.map(({ kind }) => kind.replaceAll('-', ' ')))]
    return [
      {
        trayNumber,
        dimension,
        valueMm,
        standardUncertaintyMm,
        readings: readings.length,
        instruments: kinds.join(', '),
      },
    ]
  })
  return [...read, ...workedOut(piece)]
}

/**
 * What follows from the opening and the wall that were both read on this piece. What follows from its old crystal teaches
 * nothing: that may have been the wrong one.
 */
function workedOut({ trayNumber, measured, seat }: MeasuredPiece): PieceFigure[] {
  if (!measured.opening || !measured['gasket-wall']) return []
  return (Object.keys(seat) as DimensionId[]).filter(isOnSheets).flatMap((dimension) => {
    const figure = seat[dimension]
    if (figure?.origin !== 'derived' || measured[dimension]) return []
    const { valueMm, standardUncertaintyMm } = figure
    return [{ trayNumber, dimension, valueMm, standardUncertaintyMm, readings: 0, instruments: WORKED_OUT }]
  })
}
