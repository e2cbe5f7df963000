import type { SeenFromSeat } from '../fit/CrystalSeat'
import { figureOf } from '../tray/caseFigures'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'

/** The longest hand ends this far inside the dial opening, mm. From memory. */
const HANDS_INSIDE_OPENING_MM = 1.4

const HANDS = ['hour', 'minute', 'second'] as const

/** What every construction has to know of hands, date and the crystal that came out. */
export function seenFromSeat(measured: MeasuredFigures, sheet: CaseSheet): SeenFromSeat {
  return {
    handTips: HANDS.flatMap((hand) => {
      const length = figureOf(`${hand}-hand`, measured, sheet)
      return length ? [{ hand, reachMm: length.valueMm }] : []
    }),
    handReachMm: sheet.dialOpeningMm === null ? null : sheet.dialOpeningMm / 2 - HANDS_INSIDE_OPENING_MM,
    dateRadiusMm: sheet.dateRadiusMm,
    handsBelowSeat: figureOf('hands-below-seat', measured, sheet),
    foundThickness: figureOf('crystal-edge', measured, sheet),
  }
}
