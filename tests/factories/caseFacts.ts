import type { AcrylicFacts, CementFacts, Figure, NeckFacts } from '@/core/fit/CaseFacts'

/** A measured figure with a caliper's usual uncertainty. */
export function figure(valueMm: number, standardUncertaintyMm = 0.02): Figure {
  return { valueMm, standardUncertaintyMm, origin: 'measured' }
}

/** A 28.94 neck under a 30.52 bezel, the old glass 1.2 at its edge. */
export function neckFacts(over: Partial<NeckFacts> = {}): NeckFacts {
  return {
    held: 'neck',
    crystal: 'glass',
    neckOuter: figure(28.94),
    bezelInner: figure(30.52),
    handsBelowSeat: null,
    handReachMm: null,
    dateRadiusMm: null,
    foundThickness: figure(1.2),
    ...over,
  }
}

/** A 29.95 groove whose old acrylic was 2.5 high in all. */
export function acrylicFacts(over: Partial<AcrylicFacts> = {}): AcrylicFacts {
  return {
    held: 'acrylic',
    seat: 'groove',
    opening: figure(29.95),
    domeHeight: figure(2.5),
    ringHeight: null,
    handsBelowSeat: null,
    handReachMm: null,
    dateRadiusMm: null,
    foundThickness: null,
    ...over,
  }
}

/** A rebate of 24.12 × 20.10, 1.05 deep, corners of 2. */
export function cementFacts(over: Partial<CementFacts> = {}): CementFacts {
  return {
    held: 'cement',
    readAs: 'rebate-length',
    outline: 'shaped',
    length: figure(24.12),
    width: figure(20.1),
    depth: figure(1.05),
    cornerRadius: figure(2),
    handsBelowSeat: null,
    handReachMm: null,
    dateRadiusMm: null,
    foundThickness: null,
    ...over,
  }
}
