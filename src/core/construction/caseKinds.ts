import type { Construction } from '../procedure/JobFacts'
import type { CrystalMaterial, CrystalProfile } from '../fit/parts'
import type { Use } from '../intake/jobWords'
import type { WaterClass } from '../intake/waterClass'

type Defaults = Omit<Construction, 'notchShape' | 'caseMaterial' | 'bezelEntry' | 'bezelClicks'> &
  WaterClass & {
    readonly label: string
    readonly crystalMaterial: CrystalMaterial
    readonly crystalProfile: CrystalProfile
    readonly use: Use
  }

const PLAIN = {
  retention: 'tension-gasket',
  bezelKind: 'none',
  insertMaterial: 'none',
  insertHold: null,
  magnifier: 'none',
  arCoating: 'none',
  chapterRing: 'none',
  twoPartBack: false,
  backSeal: 'o-ring',
  crownKind: 'push-pull',
  stemRelease: 'push-pin',
  stemReleaseCrown: 'in',
  movementKind: 'quartz',
  movementHold: 'spacers',
  crystalMaterial: 'mineral',
  crystalProfile: 'flat',
} as const

/**
 * What a case never seen before usually is, by the look of it: a start to be corrected. No class of water resistance: it
 * is stated on the piece or it is not. Common practice.
 */
export const CASE_KINDS = {
  'dress-quartz': {
    ...PLAIN,
    label: 'dress quartz',
    backKind: 'snap',
    backSeal: 'plastic-ring',
    classBar: null,
    diver: false,
    use: 'dress',
  },
  everyday: {
    ...PLAIN,
    label: 'everyday mechanical',
    backKind: 'screw-notched',
    movementKind: 'mechanical',
    movementHold: 'clamps',
    classBar: null,
    diver: false,
    use: 'everyday',
  },
  diver: {
    ...PLAIN,
    label: 'diver with turning bezel',
    crystalMaterial: 'sapphire',
    bezelKind: 'rotating-click',
    insertMaterial: 'aluminium',
    insertHold: 'adhesive',
    chapterRing: 'keyed',
    backKind: 'screw-notched',
    crownKind: 'screw-down',
    movementKind: 'mechanical',
    movementHold: 'holding-ring',
    classBar: null,
    diver: true,
    use: 'diver',
  },
  digital: {
    ...PLAIN,
    label: 'digital in resin',
    bezelKind: 'resin-shell',
    backKind: 'plate-screws',
    crownKind: 'none',
    stemRelease: 'no-stem',
    stemReleaseCrown: null,
    movementKind: 'digital',
    movementHold: 'spacers',
    classBar: null,
    diver: false,
    use: 'everyday',
  },
  'old-acrylic': {
    ...PLAIN,
    label: 'old, acrylic',
    retention: 'snap-acrylic',
    crystalMaterial: 'acrylic',
    crystalProfile: 'single-dome',
    backKind: 'snap',
    backSeal: 'none',
    movementKind: 'mechanical',
    movementHold: 'clamps',
    stemRelease: 'release-screw',
    classBar: null,
    diver: false,
    use: 'dress',
  },
} as const satisfies Record<string, Defaults>

export type CaseKindId = keyof typeof CASE_KINDS
export const CASE_KIND_IDS = Object.keys(CASE_KINDS) as readonly CaseKindId[]
