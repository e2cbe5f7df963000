import type { Figure } from '../fit/CrystalSeat'
import type { Window } from '../fit/Window'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { DimensionId } from '../readings/dimensions'
import { figureOf } from '../tray/caseFigures'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { middleOf } from './middleOf'

/**
 * A seat nobody has read yet, by the old crystal that lay in it: as wide as good fits scatter, and told as worked out.
 * @param of - what of the crystal tells it
 * @param larger - by how much a crystal that fits is larger than its seat, mm
 * @returns null where the crystal was not read either
 * @source common practice: until its seat is measured, the old crystal, where it held, is what there is to go by
 */
export function throughCrystal(
  of: DimensionId,
  larger: (crystalMm: number) => Window,
  measured: MeasuredFigures,
  sheet: CaseSheet,
): Figure | null {
  const crystal = figureOf(of, measured, sheet)
  if (!crystal) return null
  const seat = combinedEstimate([
    [1, crystal],
    [-1, middleOf(larger(crystal.valueMm))],
  ])
  return { ...seat, origin: 'derived' }
}
