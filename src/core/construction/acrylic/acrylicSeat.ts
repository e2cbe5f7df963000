import type { CrystalSeat, Figure, SeatOutcome } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import type { AcrylicInto } from './oversizeWindow'
import { oversizeWindow } from './oversizeWindow'
import { keptFigures } from '../keptFigures'
import { seenFromSeat } from '../seenFromSeat'
import { throughCrystal } from '../throughCrystal'

/** What an acrylic a little larger than itself sits in: a groove it is sprung into, or a bore its metal ring spreads it against. */
export interface AcrylicSeat extends CrystalSeat {
  readonly in: AcrylicInto
  /** whole height of the old crystal */
  readonly domeHeight: Figure | null
  /** of the old metal ring */
  readonly ringHeight: Figure | null
}

export function acrylicSeat(
  into: AcrylicInto,
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SeatOutcome<AcrylicSeat> {
  const opening =
    figureOf(into, measured, sheet) ??
    throughCrystal('crystal-diameter', (mm) => oversizeWindow(mm, into, policy), measured, sheet)
  if (!opening) return { ok: false, missing: into }
  const seen = seenFromSeat(measured, sheet)
  const domeHeight = figureOf('dome-height', measured, sheet)
  const ringHeight = figureOf('ring-height', measured, sheet)
  return {
    ok: true,
    seat: {
      retention: sheet.retention,
      across: opening,
      opening,
      level: domeHeight,
      rimAbove: null,
      sides: null,
      figures: keptFigures(seen, { [into]: opening, 'dome-height': domeHeight, 'ring-height': ringHeight }),
      in: into,
      domeHeight,
      ringHeight,
      ...seen,
    },
  }
}
