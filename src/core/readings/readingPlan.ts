import type {
  BackSeal,
  BezelKind,
  ChapterRing,
  CrystalOutline,
  InsertMaterial,
  Retention,
} from '../construction/kinds'
import type { CrystalMaterial, CrystalProfile } from '../fit/parts'
import type { AskedFor } from '../intake/jobWords'
import { ASKED_FOR } from '../intake/jobWords'
import type { DimensionId } from './dimensionKinds'
import { DIMENSIONS } from './dimensions'

export const CRYSTAL_STATES = ['whole', 'cracked', 'shattered', 'missing'] as const
export type CrystalState = (typeof CRYSTAL_STATES)[number]

export interface PlanFacts {
  readonly retention: Retention
  readonly crystalState: CrystalState
  readonly profile: CrystalProfile
  /** null when nobody has looked */
  readonly crystalMaterial: CrystalMaterial | null
  readonly gasketPresent: boolean
  readonly asked: readonly AskedFor[]
  readonly bezelKind: BezelKind
  readonly insertMaterial: InsertMaterial
  /** of a cemented crystal; null when nobody said */
  readonly crystalOutline: CrystalOutline | null
  readonly chapterRing: ChapterRing
  readonly backSeal: BackSeal
}

/** The facts as a tray and its sheet hold them. */
export function planFactsOf(
  tray: Pick<PlanFacts, 'crystalState' | 'gasketPresent' | 'asked'> & {
    readonly foundMaterial: CrystalMaterial | null
  },
  sheet: Pick<
    PlanFacts,
    | 'retention'
    | 'bezelKind'
    | 'insertMaterial'
    | 'crystalOutline'
    | 'chapterRing'
    | 'backSeal'
    | 'crystalMaterial'
  > & {
    readonly crystalProfile: CrystalProfile | null
  },
): PlanFacts {
  return {
    retention: sheet.retention,
    crystalState: tray.crystalState,
    crystalMaterial: tray.foundMaterial ?? sheet.crystalMaterial,
    profile: sheet.crystalProfile ?? 'flat',
    gasketPresent: tray.gasketPresent,
    asked: tray.asked,
    bezelKind: sheet.bezelKind,
    insertMaterial: sheet.insertMaterial,
    crystalOutline: sheet.crystalOutline,
    chapterRing: sheet.chapterRing,
    backSeal: sheet.backSeal,
  }
}

export interface ReadingTarget {
  readonly dimension: DimensionId
  /** index into the dimension's places, from 0 */
  readonly placeIndex: number
}

/** What is read of each construction once the crystal, if any is left, has been dealt with. Common practice. */
const CASE_SIDE: Readonly<Record<Retention, readonly DimensionId[]>> = {
  'tension-gasket': ['bore', 'seat-depth'],
  'neck-and-bezel': ['neck-outer', 'bezel-inner'],
  'press-in-bezel': ['bezel-bore', 'seat-depth', 'key-spacing', 'key-width'],
  'snap-acrylic': ['groove'],
  'tension-ring-acrylic': ['bore'],
  cemented: ['rebate-length', 'rebate-width', 'rebate-depth', 'rebate-corner'],
}

/** A round crystal in cement is read across, and so is its rebate. */
const ROUND_REBATE: readonly DimensionId[] = ['bore', 'rebate-depth']

/** What is read of a crystal that is whole enough to go across. */
const CRYSTAL_SIDE: Readonly<Record<Retention, readonly DimensionId[]>> = {
  'tension-gasket': ['crystal-diameter'],
  'neck-and-bezel': ['crystal-diameter'],
  'press-in-bezel': ['crystal-diameter'],
  'snap-acrylic': ['dome-height', 'crystal-diameter'],
  'tension-ring-acrylic': ['dome-height', 'crystal-diameter', 'ring-height'],
  cemented: ['crystal-length', 'crystal-width'],
}

/** Acrylic over a neck is a cup with a skirt: the skirt is what is squeezed. */
const SKIRT: readonly DimensionId[] = ['skirt-inner', 'skirt-outer']

/** What is read of the old gasket, where the construction has one. */
const GASKETS: Readonly<Record<Retention, readonly DimensionId[]>> = {
  'tension-gasket': ['gasket-wall', 'gasket-height'],
  'neck-and-bezel': ['gasket-wall'],
  'press-in-bezel': ['gasket-wall', 'bezel-gasket-wall'],
  'snap-acrylic': [],
  'tension-ring-acrylic': [],
  cemented: [],
}

const CRYSTAL_WORK: readonly AskedFor[] = ['crystal', 'gasket', 'chapter-ring', 'magnifier-off']

/** Is the crystal worked on at all? */
export function isCrystalWork({ crystalState, asked }: Pick<PlanFacts, 'crystalState' | 'asked'>): boolean {
  return crystalState !== 'whole' || asked.some((wish) => CRYSTAL_WORK.includes(wish))
}

/**
 * Which dimensions to read, in the order of the work: thickness before anything presses on the glass, diameters
 * after, case last; then what else was asked for. Common practice.
 */
export function readingPlan(facts: PlanFacts): DimensionId[] {
  const { asked, bezelKind, insertMaterial, chapterRing, backSeal } = facts
  const crystalWork = isCrystalWork(facts)
  const plan: (DimensionId | false)[] = [
    ...(crystalWork ? crystalPlan(facts) : []),
    ...(asked.includes('chapter-ring') && chapterRing !== 'none' ? CHAPTER_RING : []),
    ...(asked.includes('bezel') && bezelKind !== 'none' ? BEZEL : []),
    ...(asked.includes('insert') && insertMaterial !== 'none' ? INSERT : []),
    ...(asked.includes('reseal') ? BACK_SEAL[backSeal] : []),
  ]
  // A bezel asked for and the one that holds the crystal share their figures.
  return [...new Set(plan.filter((dimension) => dimension !== false))]
}

/** Everything that could be read of this construction, the plan's own first: what the readings table offers. */
export function possibleDimensions(facts: PlanFacts): DimensionId[] {
  const all = readingPlan({
    ...facts,
    crystalState: 'whole',
    profile: 'double-dome',
    gasketPresent: true,
    asked: ASKED_FOR,
  })
  return [...new Set([...readingPlan(facts), ...all, ...BESIDE[facts.retention], ...CROWN])]
}

/** What may be read as well, when somebody wants to know. */
const BESIDE: Readonly<Record<Retention, readonly DimensionId[]>> = {
  'tension-gasket': ['opening', 'gasket-outer', 'hands-below-seat'],
  'neck-and-bezel': ['hands-below-seat', 'bezel-outer'],
  'press-in-bezel': ['neck-outer', 'bezel-inner', 'hands-below-seat', 'bezel-outer'],
  'snap-acrylic': ['hands-below-seat'],
  'tension-ring-acrylic': ['hands-below-seat'],
  cemented: ['hands-below-seat'],
}

const CROWN: readonly DimensionId[] = ['crown-tube', 'crown-bore', 'crown-room']
/** What a new bezel goes over, and what the old one was. */
const BEZEL: readonly DimensionId[] = ['neck-outer', 'bezel-inner', 'bezel-outer']
const CHAPTER_RING: readonly DimensionId[] = [
  'chapter-ring-inner',
  'chapter-ring-outer',
  'chapter-ring-height',
]
const INSERT: readonly DimensionId[] = [
  'insert-outer',
  'insert-inner',
  'insert-thickness',
  'recess-outer',
  'recess-depth',
]
const BACK_GROOVE: readonly DimensionId[] = ['back-groove-inner', 'back-groove-width', 'back-groove-depth']
const BACK_SEAL: Readonly<Record<BackSeal, readonly DimensionId[]>> = {
  'o-ring': ['back-ring-section', 'back-ring-inner', ...BACK_GROOVE],
  'flat-gasket': ['back-ring-section', 'back-ring-inner', ...BACK_GROOVE],
  'plastic-ring': [],
  none: [],
}

function crystalPlan(facts: PlanFacts) {
  const { retention, crystalState, profile, gasketPresent, crystalMaterial } = facts
  const round = retention === 'cemented' && facts.crystalOutline === 'round'
  const edgeLeft = crystalState !== 'missing'
  const wholeEnough = crystalState === 'whole' || crystalState === 'cracked'
  const [first = 'bore', ...rest] = round ? ROUND_REBATE : CASE_SIDE[retention]
  const cup = retention === 'neck-and-bezel' && crystalMaterial === 'acrylic'
  const plan: (DimensionId | false)[] = [
    edgeLeft && 'crystal-edge',
    wholeEnough && profile !== 'flat' && 'crystal-centre',
    ...(wholeEnough ? CRYSTAL_SIDE[round ? 'tension-gasket' : retention] : []),
    ...(wholeEnough && cup ? SKIRT : []),
    first,
    // A cup is its own seal: there is no ring to read.
    ...(gasketPresent && !cup ? GASKETS[retention] : []),
    retention === 'tension-gasket' && gasketPresent && !wholeEnough && 'opening',
    ...rest,
  ]
  return plan
}

/**
 * First place of the plan that has no reading yet.
 * @param taken - readings that stand, in any order
 * @returns null when the plan is done
 */
export function nextTarget(
  plan: readonly DimensionId[],
  taken: readonly ReadingTarget[],
): ReadingTarget | null {
  for (const dimension of plan) {
    const target = nextPlace(dimension, taken)
    if (target) return target
  }
  return null
}

/** First place of one dimension that has no reading yet; null when all have. */
export function nextPlace(dimension: DimensionId, taken: readonly ReadingTarget[]): ReadingTarget | null {
  const done = new Set(taken.filter((t) => t.dimension === dimension).map((t) => t.placeIndex))
  const placeIndex = DIMENSIONS[dimension].places.findIndex((_, index) => !done.has(index))
  return placeIndex < 0 ? null : { dimension, placeIndex }
}
