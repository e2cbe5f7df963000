import type { JobFacts } from '@/core/procedure/JobFacts'

/** A whole mechanical everyday piece, glass in a ring gasket, notched back; override what the test is about. */
export function jobFacts(over: Partial<JobFacts> = {}): JobFacts {
  return {
    retention: 'tension-gasket',
    caseMaterial: 'steel',
    bezelKind: 'none',
    bezelEntry: null,
    insertMaterial: 'none',
    insertHold: null,
    bezelClicks: null,
    magnifier: 'none',
    arCoating: 'none',
    chapterRing: 'none',
    backKind: 'screw-notched',
    twoPartBack: false,
    backSeal: 'o-ring',
    notchShape: 'square',
    crownKind: 'push-pull',
    stemRelease: 'push-pin',
    stemReleaseCrown: 'in',
    movementKind: 'mechanical',
    movementHold: 'clamps',
    crystalState: 'whole',
    crystalMaterial: 'mineral',
    crystalProfile: 'flat',
    gasketPresent: true,
    gasketAgeYears: null,
    unfit: [],
    ownBack: [],
    oldLume: false,
    looseMarkers: false,
    sealsDoubtful: false,
    pushers: false,
    leaksSuspected: [],
    shopSchools: {},
    asked: ['crystal'],
    classBar: 5,
    diver: false,
    use: 'everyday',
    ...over,
  }
}

/** A diver: turning bezel with an aluminium insert held by adhesive, screw-down crown, sapphire. */
export function diverFacts(over: Partial<JobFacts> = {}): JobFacts {
  return jobFacts({
    bezelKind: 'rotating-click',
    bezelEntry: 'gap',
    insertMaterial: 'aluminium',
    insertHold: 'adhesive',
    crownKind: 'screw-down',
    crystalMaterial: 'sapphire',
    asked: ['insert'],
    classBar: null,
    diver: true,
    use: 'diver',
    ...over,
  })
}
