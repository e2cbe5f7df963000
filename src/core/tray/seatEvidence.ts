import { aimedInterference, USUAL_RING } from '../fit/aimedInterference'
import { oversizeWindow } from '../fit/assessAcrylic'
import type { Fractions } from '../fit/Window'
import type { FitPolicy } from '../fit/fitPolicy'
import type { Window } from '../fit/Window'
import type { Estimate } from '../measure/Estimate'
import type { DimensionId } from '../readings/dimensionKinds'
import { openingDimension } from '../readings/openingDimension'
import type { SeatKind, SizeEvidence } from '../verdict/SizeEvidence'
import type { CaseSheet } from './CaseSheet'
import { figureOf } from './caseFigures'
import type { MeasuredFigures } from './measuredFigures'

/** What the seat of a construction without a ring bore says of the crystal's size, and what it would take to read it. */
export interface SeatSize {
  readonly seat: SeatKind
  /** what is read on the case for it */
  readonly dimension: DimensionId
  /** crystal that would fit best less what is read, mm, and how far good fits scatter round it */
  readonly above: Estimate
}

/**
 * How a crystal's size follows from its seat: the middle of what the fit wants, its window read as ± 2 standard deviations.
 * @returns null for rings in a bore, for shaped crystals, and where what lies between is not known
 */
export function seatSizeOf(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  switch (sheet.retention) {
    case 'tension-gasket':
    case 'press-in-bezel':
      return null
    case 'neck-and-bezel':
      return sheet.crystalMaterial === 'acrylic'
        ? cupOnNeck(measured, sheet, policy)
        : glassUnderBezel(measured, sheet, policy)
    case 'snap-acrylic':
    case 'tension-ring-acrylic': {
      const seat = sheet.retention === 'snap-acrylic' ? 'groove' : 'bore'
      const opening = figureOf(seat, measured, sheet)
      const window = oversizeWindow(opening?.valueMm ?? USUAL_MM, seat, policy)
      return { seat, dimension: seat, above: middleOf(window) }
    }
    case 'cemented': {
      const known = sheet.crystalDiameterMm !== null && sheet.crystalLengthMm === null
      const round = sheet.crystalOutline === null ? known : sheet.crystalOutline === 'round'
      if (!round) return null
      const { lowMm, highMm } = policy.cementGap
      return {
        seat: 'rebate',
        dimension: openingDimension(sheet),
        above: middleOf({ lowMm: -2 * highMm, highMm: -2 * lowMm }),
      }
    }
  }
}

/** A craze limit is a share of the diameter: of this one where the groove was not read, mm. */
const USUAL_MM = 30

function middleOf({ lowMm, highMm }: Window): Estimate {
  return { valueMm: (lowMm + highMm) / 2, standardUncertaintyMm: (highMm - lowMm) / 4 }
}

function middleSqueeze({ low, high }: Fractions) {
  return { value: (low + high) / 2, standardUncertainty: (high - low) / 4 }
}

/** D = bezel − 2·wall·(1 − q). */
function glassUnderBezel(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  const wall = figureOf('gasket-wall', measured, sheet)
  if (!wall) return null
  const q = middleSqueeze(policy.neckSqueezeBands[sheet.gasketMaterial ?? 'nylon'])
  const above = {
    valueMm: -2 * wall.valueMm * (1 - q.value),
    standardUncertaintyMm: Math.hypot(
      2 * (1 - q.value) * wall.standardUncertaintyMm,
      2 * wall.valueMm * q.standardUncertainty,
    ),
  }
  return { seat: 'bezel', dimension: 'bezel-inner', above }
}

/** Outside of the skirt: neck + (bezel − neck) / (1 − q), as far as it stands over the bezel. */
function cupOnNeck(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null {
  const neck = figureOf('neck-outer', measured, sheet)
  const bezel = figureOf('bezel-inner', measured, sheet)
  if (!neck || !bezel) return null
  const q = middleSqueeze(policy.skirtSqueeze)
  const roomMm = bezel.valueMm - neck.valueMm
  const above = {
    valueMm: roomMm / (1 - q.value) - roomMm,
    standardUncertaintyMm: Math.hypot(
      (roomMm * q.standardUncertainty) / (1 - q.value) ** 2,
      (neck.standardUncertaintyMm * q.value) / (1 - q.value),
    ),
  }
  return { seat: 'neck', dimension: 'bezel-inner', above }
}

/**
 * The seat as evidence, once it was read on this tray. Verdicts add one aimed interference to every free opening: what a
 * seat wants beyond that is put into the opening itself.
 */
export function seatEvidence(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SizeEvidence[] {
  const size = seatSizeOf(measured, sheet, policy)
  const read = size && measured[size.dimension]
  if (!read) return []
  const aim = aimedInterference(sheet.gasketMaterial ?? USUAL_RING, policy)
  const wider = Math.max(0, size.above.standardUncertaintyMm ** 2 - aim.standardUncertaintyMm ** 2)
  const opening = {
    valueMm: read.valueMm + size.above.valueMm - aim.valueMm,
    standardUncertaintyMm: Math.hypot(read.standardUncertaintyMm, Math.sqrt(wider)),
  }
  return [{ kind: 'seat', seat: size.seat, opening }]
}
