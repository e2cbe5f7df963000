import type { AcrylicSeat } from '@/core/construction/acrylic/acrylicSeat'
import type { BayonetSeat } from '@/core/construction/bayonet/bayonetSeat'
import type { CementSeat } from '@/core/construction/cement/cementSeat'
import type { NeckSeat } from '@/core/construction/neck/neckSeat'
import { keptFigures } from '@/core/construction/keptFigures'
import type { RingSeat } from '@/core/construction/ring/ringSeat'
import type { Figure } from '@/core/fit/CrystalSeat'

/** A measured figure with a caliper's usual uncertainty. */
export function figure(valueMm: number, standardUncertaintyMm = 0.02): Figure {
  return { valueMm, standardUncertaintyMm, origin: 'measured' }
}

const NOTHING_SEEN = {
  handsBelowSeat: null,
  handTips: [],
  handReachMm: null,
  dateRadiusMm: null,
  foundThickness: null,
}

/** A 30.95 bore, seat 1.05 deep, hands 0.52 below it, the old crystal 1.02 thick. */
export function ringSeatOf(over: Partial<RingSeat> = {}): RingSeat {
  const bore = over.bore ?? figure(30.95)
  const seatDepth = over.seatDepth ?? figure(1.05)
  const retention = over.retention ?? 'tension-gasket'
  const seen = { ...NOTHING_SEEN, handsBelowSeat: figure(0.52), foundThickness: figure(1.02), ...over }
  return {
    retention,
    across: bore,
    opening: bore,
    level: seatDepth,
    rimAbove: seatDepth,
    sides: null,
    figures: keptFigures(seen, {
      [retention === 'press-in-bezel' ? 'bezel-bore' : 'bore']: bore,
      'seat-depth': seatDepth,
    }),
    bore,
    boreOvalityMm: 0,
    boreLongAxisDeg: 0,
    seatDepth,
    ...seen,
  }
}

/** A 28.94 neck under a 30.52 bezel, the old glass 1.2 at its edge. */
export function neckSeatOf(over: Partial<NeckSeat> = {}): NeckSeat {
  const neckOuter = over.neckOuter ?? figure(28.94)
  const bezelInner = over.bezelInner ?? figure(30.52)
  const foundThickness = over.foundThickness === undefined ? figure(1.2) : over.foundThickness
  return {
    retention: 'neck-and-bezel',
    across: bezelInner,
    opening: neckOuter,
    level: foundThickness,
    rimAbove: null,
    sides: null,
    figures: keptFigures(
      { ...NOTHING_SEEN, foundThickness },
      { 'neck-outer': neckOuter, 'bezel-inner': bezelInner },
    ),
    crystal: 'glass',
    neckOuter,
    bezelInner,
    ...NOTHING_SEEN,
    foundThickness,
    ...over,
  }
}

/** A 29.95 groove whose old acrylic was 2.5 high in all. */
export function acrylicSeatOf(over: Partial<AcrylicSeat> = {}): AcrylicSeat {
  const opening = over.opening ?? figure(29.95)
  const domeHeight = over.domeHeight === undefined ? figure(2.5) : over.domeHeight
  const into = over.in ?? 'groove'
  return {
    retention: into === 'groove' ? 'snap-acrylic' : 'tension-ring-acrylic',
    across: opening,
    opening,
    level: domeHeight,
    rimAbove: null,
    sides: null,
    figures: keptFigures(NOTHING_SEEN, { [into]: opening, 'dome-height': domeHeight }),
    in: into,
    domeHeight,
    ringHeight: null,
    ...NOTHING_SEEN,
    ...over,
  }
}

/** A rebate of 24.12 × 20.10, 1.05 deep, corners of 2. */
export function cementSeatOf(over: Partial<CementSeat> = {}): CementSeat {
  const length = over.length ?? figure(24.12)
  const width = over.width ?? figure(20.1)
  const depth = over.depth ?? figure(1.05)
  const cornerRadius = over.cornerRadius === undefined ? figure(2) : over.cornerRadius
  const outline = over.outline ?? 'shaped'
  return {
    retention: 'cemented',
    across: length,
    opening: length,
    level: depth,
    rimAbove: depth,
    sides: outline === 'round' ? null : { length, width, cornerRadius },
    figures: keptFigures(NOTHING_SEEN, {
      [outline === 'round' ? 'bore' : 'rebate-length']: length,
      'rebate-width': outline === 'round' ? null : width,
      'rebate-depth': depth,
      'rebate-corner': cornerRadius,
    }),
    outline,
    length,
    width,
    depth,
    cornerRadius,
    ...NOTHING_SEEN,
    ...over,
  }
}

/** A 30.62 rebate, 2.40 deep, whose ring comes down to 0.60 below the rim. */
export function bayonetSeatOf(over: Partial<BayonetSeat> = {}): BayonetSeat {
  const rebate = figure(30.62)
  const depth = over.depth ?? figure(2.4)
  const stroke = over.stroke ?? figure(0.6)
  const seen = { ...NOTHING_SEEN, handsBelowSeat: figure(0.35), foundThickness: figure(1.2) }
  return {
    retention: 'bayonet-ring',
    across: rebate,
    opening: rebate,
    level: seen.foundThickness,
    rimAbove: depth,
    sides: null,
    figures: keptFigures(seen, { bore: rebate, 'rebate-depth': depth, 'ring-stroke': stroke }),
    depth,
    stroke,
    ...seen,
    ...over,
  }
}
