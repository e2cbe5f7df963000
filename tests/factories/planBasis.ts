import type { PlanBasis } from '@/core/readings/readingPlan'

/** A whole flat mineral crystal in a ring gasket, to be replaced. */
export function planBasis(over: Partial<PlanBasis> = {}): PlanBasis {
  return {
    retention: 'tension-gasket',
    crystalState: 'whole',
    profile: 'flat',
    crystalMaterial: 'mineral',
    gasketPresent: true,
    asked: ['crystal'],
    bezelKind: 'none',
    insertMaterial: 'none',
    chapterRing: 'none',
    crystalOutline: null,
    backSeal: 'o-ring',
    backKind: 'screw-notched',
    twoPartBack: false,
    pushers: false,
    insertBack: false,
    ...over,
  }
}
