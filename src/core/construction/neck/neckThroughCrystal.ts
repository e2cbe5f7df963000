import type { Figure } from '../../fit/CrystalSeat'
import type { FitPolicy } from '../../fit/fitPolicy'
import { combinedEstimate } from '../../measure/combinedEstimate'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import { middleOf } from '../middleOf'
import { acrossFromOther } from '../usualFigures'
import { middleSqueeze } from './middleSqueeze'

/** A neck and the inside of its bezel, mm. */
export interface NeckJoint {
  readonly neckOuter: Figure
  readonly bezelInner: Figure
}

/**
 * Neck and bezel nobody has read yet, by the old crystal that was squeezed between them: as wide as good fits scatter, and
 * told as worked out.
 * @returns null where what was squeezed was not read either
 * @source common practice: until its seat is measured, the old crystal, where it held, is what there is to go by
 */
export function neckThroughCrystal(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  policy: FitPolicy,
): NeckJoint | null {
  return sheet.crystalMaterial === 'acrylic'
    ? throughCup(measured, sheet, policy)
    : throughGlass(measured, sheet, policy)
}

/** Neck = inside of the skirt less its play; bezel = neck + (outside − inside)·(1 − q). */
function throughCup(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): NeckJoint | null {
  const [inner, outer] = [figureOf('skirt-inner', measured, sheet), figureOf('skirt-outer', measured, sheet)]
  if (!inner || !outer) return null
  const play = middleOf(policy.overNeckWindow)
  const q = middleSqueeze(policy.skirtSqueeze)
  const bySqueezeMm = (outer.valueMm - inner.valueMm) * q.standardUncertainty
  const neckOuter = combinedEstimate([
    [1, inner],
    [-1, play],
  ])
  const bezelInner = combinedEstimate([
    [q.value, inner],
    [1 - q.value, outer],
    [-1, play],
    [1, { valueMm: 0, standardUncertaintyMm: bySqueezeMm }],
  ])
  return { neckOuter: { ...neckOuter, origin: 'derived' }, bezelInner: { ...bezelInner, origin: 'derived' } }
}

/** Bezel = crystal + 2·wall·(1 − q); what the neck leaves of it as bezels usually do. */
function throughGlass(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): NeckJoint | null {
  const crystal = figureOf('crystal-diameter', measured, sheet)
  const wall = figureOf('gasket-wall', measured, sheet)
  if (!crystal || !wall) return null
  const q = middleSqueeze(policy.neckSqueezeBands[sheet.gasketMaterial ?? 'nylon'])
  const found = combinedEstimate([
    [1, crystal],
    [2 * (1 - q.value), wall],
    [1, { valueMm: 0, standardUncertaintyMm: 2 * wall.valueMm * q.standardUncertainty }],
  ])
  const bezelInner: Figure = { ...found, origin: 'derived' }
  const neckOuter = acrossFromOther(bezelInner, -1)
  return neckOuter && { neckOuter, bezelInner }
}
