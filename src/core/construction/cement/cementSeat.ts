import type { CrystalSeat, Figure, SeatOutcome } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import type { Window } from '../../fit/Window'
import type { DimensionId } from '../../readings/dimensions'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import { keptFigures } from '../keptFigures'
import { seatFromThickness } from '../seatFromThickness'
import { seenFromSeat } from '../seenFromSeat'
import { throughCrystal } from '../throughCrystal'
import { USUAL_SEAT_DEPTH } from '../usualFigures'

/** A rebate a crystal is cemented into, round or shaped. */
export interface CementSeat extends CrystalSeat {
  readonly outline: 'round' | 'shaped'
  readonly length: Figure
  /** the same as the length when round */
  readonly width: Figure
  readonly depth: Figure
  /** of the rebate's corners; null when nobody measured them */
  readonly cornerRadius: Figure | null
}

/** A corner radius this near half the side makes the rebate round, mm. */
const ROUND_WITHIN_MM = 0.3

/** How a rebate's length is read: across a round one like a bore, for beside its middle the jaws would find a chord. */
export function rebateOpening({
  crystalOutline,
}: Pick<CaseSheet, 'crystalOutline'>): 'bore' | 'rebate-length' {
  return crystalOutline === 'round' ? 'bore' : 'rebate-length'
}

/** How much larger than its rebate a crystal is, mm: by as much less as the cement needs on both sides. */
export function rebateWindow({ cementGap }: FitPolicy): Window {
  return { lowMm: -2 * cementGap.highMm, highMm: -2 * cementGap.lowMm }
}

export function cementSeat(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SeatOutcome<CementSeat> {
  const readAs = rebateOpening(sheet)
  const byCrystal = (of: DimensionId) => throughCrystal(of, () => rebateWindow(policy), measured, sheet)
  const length =
    figureOf(readAs, measured, sheet) ?? byCrystal(readAs === 'bore' ? 'crystal-diameter' : 'crystal-length')
  if (!length) return { ok: false, missing: readAs }
  const cornerRadius = figureOf('rebate-corner', measured, sheet)
  const width =
    figureOf('rebate-width', measured, sheet) ?? (readAs === 'bore' ? null : byCrystal('crystal-width'))
  const round = isRound(length, width, cornerRadius, sheet)
  if (!width && !round) return { ok: false, missing: 'rebate-width' }
  const seen = seenFromSeat(measured, sheet)
  const depth =
    figureOf('rebate-depth', measured, sheet) ?? seatFromThickness(seen.foundThickness) ?? USUAL_SEAT_DEPTH
  const across = round || !width ? length : width
  return {
    ok: true,
    seat: {
      retention: sheet.retention,
      across: length,
      opening: length,
      level: depth,
      rimAbove: depth,
      sides: round ? null : { length, width: across, cornerRadius },
      figures: keptFigures(seen, {
        [readAs]: length,
        'rebate-width': round ? null : across,
        'rebate-depth': depth,
        'rebate-corner': cornerRadius,
      }),
      outline: round ? 'round' : 'shaped',
      length,
      width: across,
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
