import type { CrystalSeat, Figure, SeatOutcome } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import { keptFigures } from '../keptFigures'
import { seenFromSeat } from '../seenFromSeat'
import { acrossFromOther } from '../usualFigures'
import { neckThroughCrystal } from './neckThroughCrystal'

/** A raised neck, and the bezel that squeezes what sits over it from outside. */
export interface NeckSeat extends CrystalSeat {
  /** acrylic with a skirt that is squeezed itself, or glass with a ring round its edge */
  readonly crystal: 'cup' | 'glass'
  readonly neckOuter: Figure
  readonly bezelInner: Figure
}

export function neckSeat(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): SeatOutcome<NeckSeat> {
  const neckRead = figureOf('neck-outer', measured, sheet)
  const bezelRead = figureOf('bezel-inner', measured, sheet)
  const through = neckRead || bezelRead ? null : neckThroughCrystal(measured, sheet, policy)
  const neckOuter = neckRead ?? acrossFromOther(bezelRead, -1) ?? through?.neckOuter
  const bezelInner = bezelRead ?? acrossFromOther(neckRead, 1) ?? through?.bezelInner
  if (!neckOuter) return { ok: false, missing: 'neck-outer' }
  if (!bezelInner) return { ok: false, missing: 'bezel-inner' }
  const seen = seenFromSeat(measured, sheet)
  return {
    ok: true,
    seat: {
      retention: sheet.retention,
      across: bezelInner,
      opening: neckOuter,
      level: seen.foundThickness,
      rimAbove: null,
      sides: null,
      figures: keptFigures(seen, { 'neck-outer': neckOuter, 'bezel-inner': bezelInner }),
      crystal: sheet.crystalMaterial === 'acrylic' ? 'cup' : 'glass',
      neckOuter,
      bezelInner,
      ...seen,
    },
  }
}
