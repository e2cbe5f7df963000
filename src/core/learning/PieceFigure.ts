import type { Estimate } from '../measure/Estimate'
import type { SheetDimension } from '../readings/sheetFigures'

/** One dimension of one piece of a case, as it stood when the piece was handed back. */
export interface PieceFigure {
  readonly trayNumber: number
  readonly dimension: SheetDimension
  readonly valueMm: number
  /** of the measurement, mm */
  readonly standardUncertaintyMm: number
  /** how many readings; 0 where it was found another way, as from a picture */
  readonly readings: number
  /** what it was read with, as “caliper, thickness gauge”; WORKED_OUT where nobody read it */
  readonly instruments: string
}

/** Stands for the instruments of a figure that follows from others of the piece. */
export const WORKED_OUT = 'worked out'

/** Whether nobody read it: it follows from other figures of the piece. */
export function isWorkedOut({ instruments }: Pick<PieceFigure, 'instruments'>): boolean {
  return instruments === WORKED_OUT
}

/** What a case sheet has learned of a dimension: what to expect of another piece of the same case. */
export interface LearnedFigure extends Estimate {
  /** how far pieces of this case differ, standard deviation, mm: the table's while they are few */
  readonly spreadMm: number
  readonly pieces: number
  /** where it comes from, as “from tray 214, 3 readings” */
  readonly from: string
}

export type LearnedFigures = Readonly<Partial<Record<SheetDimension, LearnedFigure>>>
