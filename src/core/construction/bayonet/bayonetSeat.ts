import type { CrystalSeat, Figure, SeatOutcome } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { Window } from '../../fit/Window'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import { keptFigures } from '../keptFigures'
import { seenFromSeat } from '../seenFromSeat'
import { throughCrystal } from '../throughCrystal'

/** A rebate with a flat gasket on its shelf, and the ring that presses the glass down on it. */
export interface BayonetSeat extends CrystalSeat {
  /** from the rim down to the shelf */
  readonly depth: Figure
  /** how far below the rim the ring’s face stands at its stop */
  readonly stroke: Figure
}

/** What glass and gasket share between shelf and ring: the rebate’s depth less the ring’s stroke, mm. */
export function roomMm({ depth, stroke }: BayonetSeat): number {
  return depth.valueMm - stroke.valueMm
}

/** How much larger than its rebate a glass is, mm: by as much less as it plays. */
export function playWindow({ glassPlay }: FitPolicy): Window {
  return { lowMm: -glassPlay.highMm, highMm: -glassPlay.lowMm }
}

export function bayonetSeat(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SeatOutcome<BayonetSeat> {
  const rebate =
    figureOf('bore', measured, sheet) ??
    throughCrystal('crystal-diameter', () => playWindow(policy), measured, sheet)
  if (!rebate) return { ok: false, missing: 'bore' }
  const depth = figureOf('rebate-depth', measured, sheet)
  if (!depth) return { ok: false, missing: 'rebate-depth' }
  const stroke = figureOf('ring-stroke', measured, sheet)
  if (!stroke) return { ok: false, missing: 'ring-stroke' }
  const seen = seenFromSeat(measured, sheet)
  return {
    ok: true,
    seat: {
      retention: sheet.retention,
      across: rebate,
      opening: rebate,
      level: seen.foundThickness,
      rimAbove: depth,
      sides: null,
      figures: keptFigures(seen, { bore: rebate, 'rebate-depth': depth, 'ring-stroke': stroke }),
      depth,
      stroke,
      ...seen,
    },
  }
}
