import { combinedEstimate } from '../../measure/combinedEstimate'
import type { FitPolicy } from '../../fit/fitPolicy'
import { figureOf } from '../../tray/caseFigures'
import type { CaseSheet } from '../../tray/CaseSheet'
import type { MeasuredFigures } from '../../tray/measuredFigures'
import type { SeatSize } from '../../tray/SeatSize'
import { middleSqueeze } from './middleSqueeze'

/** How the size of a crystal over a neck follows from bezel, neck and what is squeezed. */
export function neckSize(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  return sheet.crystalMaterial === 'acrylic'
    ? cupOnNeck(measured, sheet, policy)
    : glassUnderBezel(measured, sheet, policy)
}

/** D = bezel − 2·wall·(1 − q). */
function glassUnderBezel(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  const wall = figureOf('gasket-wall', measured, sheet)
  if (!wall) return null
  const q = middleSqueeze(policy.neckSqueezeBands[sheet.gasketMaterial ?? 'nylon'])
  const above = combinedEstimate([
    [-2 * (1 - q.value), wall],
    [1, { valueMm: 0, standardUncertaintyMm: 2 * wall.valueMm * q.standardUncertainty }],
  ])
  return { seat: 'Bezel less its ring', dimension: 'bezel-inner', above }
}

/** Outside of the skirt: neck + (bezel − neck) / (1 − q), as far as it stands over the bezel. */
function cupOnNeck(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  const neck = figureOf('neck-outer', measured, sheet)
  const bezel = figureOf('bezel-inner', measured, sheet)
  if (!neck || !bezel) return null
  const q = middleSqueeze(policy.skirtSqueeze)
  const roomMm = bezel.valueMm - neck.valueMm
  // D − bezel = (bezel − neck)·q/(1 − q): what neck and bezel were read by is off alike.
  const share = q.value / (1 - q.value)
  const above = combinedEstimate([
    [share, bezel],
    [-share, neck],
    [1, { valueMm: 0, standardUncertaintyMm: (roomMm * q.standardUncertainty) / (1 - q.value) ** 2 }],
  ])
  return { seat: 'Bezel and neck', dimension: 'bezel-inner', above }
}
