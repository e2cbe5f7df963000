import { carriesCrystalOver } from '../construction/carriesOver'
import { constructionOf } from '../construction/constructions'
import type { CrystalState } from '../intake/crystalStates'
import { isWholeEnough } from '../intake/crystalStates'
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
import type { BackKind } from '../opening/backKinds'
import { isScrewedBack } from '../opening/backKinds'
import type { DimensionId } from './dimensions'
import { DIMENSIONS } from './dimensions'

export interface PlanBasis {
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
  readonly backKind: BackKind | null
  /** a disc held in a ring, with a seal of its own */
  readonly twoPartBack: boolean
  /** it has pushers beside its crown */
  readonly pushers: boolean
  /** its own insert was said to go back: it fitted here before, and nothing of it or its seat has to be read */
  readonly insertBack: boolean
}

export interface ReadingTarget {
  readonly dimension: DimensionId
  /** index into the dimension's places, from 0 */
  readonly placeIndex: number
}

/** A magnifier comes off a crystal that stays where it is: nothing of it is read for that. */
const CRYSTAL_WORK: readonly AskedFor[] = ['crystal', 'gasket', 'chapter-ring']

/** Is the crystal worked on at all? */
export function isCrystalWork(facts: Pick<PlanBasis, 'crystalState' | 'asked' | 'retention'>): boolean {
  const { crystalState, asked } = facts
  return (
    crystalState !== 'whole' || asked.some((wish) => CRYSTAL_WORK.includes(wish)) || carriesCrystalOver(facts)
  )
}

/**
 * Which dimensions to read, in the order of the work: thickness before anything presses on the glass, diameters
 * after, case last; then what else was asked for. Common practice.
 */
export function readingPlan(facts: PlanBasis): DimensionId[] {
  const { asked, bezelKind, chapterRing } = facts
  const crystalWork = isCrystalWork(facts)
  const plan: (DimensionId | false)[] = [
    ...(crystalWork ? crystalPlan(facts) : []),
    asked.includes('chapter-ring') && chapterRing !== 'none' && PUSHED_PAST,
    ...(asked.includes('bezel') && bezelKind !== 'none' ? BEZEL : []),
    ...plannedForInsert(facts),
    ...plannedForSeals(facts),
  ]
  // A bezel asked for and the one that holds the crystal share their figures.
  return [...new Set(plan.filter((dimension) => dimension !== false))]
}

/** Glass that is read before anything presses on it. Common practice */
export const READ_FIRST: readonly DimensionId[] = ['crystal-edge', 'crystal-centre']

/** Dimensions of the plan that say which crystal fits: those of the crystal, its seat and its ring. */
export function plannedForCrystal(facts: PlanBasis): DimensionId[] {
  return isCrystalWork(facts) ? crystalPlan(facts).filter((dimension) => dimension !== false) : []
}

/** Dimensions that a choice of crystal and ring rests on: those planned for it, and what else of the seat may be read. */
export function crystalRestsOn(facts: PlanBasis): DimensionId[] {
  const planned = plannedForCrystal(facts)
  return planned.length === 0 ? [] : [...planned, ...constructionOf(facts.retention).reads(facts).beside]
}

/** Dimensions that a pusher goes past when the crystal is pressed out. */
export function pushOutRestsOn({ chapterRing }: PlanBasis): readonly DimensionId[] {
  return chapterRing === 'none' ? [] : [PUSHED_PAST]
}

/** Dimensions of the plan that say which insert fits. */
export function plannedForInsert({ asked, insertMaterial, insertBack }: PlanBasis): readonly DimensionId[] {
  return asked.includes('insert') && insertMaterial !== 'none' && !insertBack ? INSERT : []
}

/** Dimensions of the plan that say which seals of the back fit. */
export function plannedForSeals({ asked, backSeal, twoPartBack }: PlanBasis): readonly DimensionId[] {
  if (!asked.includes('reseal')) return []
  return [...BACK_SEAL[backSeal], ...(twoPartBack ? DISC_SEAL : [])]
}

/** Everything that could be read of this construction, the plan's own first: what the readings table offers. */
export function possibleDimensions(facts: PlanBasis): DimensionId[] {
  const all = readingPlan({
    ...facts,
    crystalState: 'whole',
    profile: 'double-dome',
    gasketPresent: true,
    asked: ASKED_FOR,
    insertBack: false,
  })
  return [
    ...new Set([
      ...readingPlan(facts),
      ...all,
      ...constructionOf(facts.retention).reads(facts).beside,
      ...(facts.chapterRing === 'none' ? [] : CHAPTER_RING),
      ...(isScrewedBack(facts.backKind) ? BACK_THREAD : []),
      ...HANDS,
      ...CROWN,
      ...(facts.pushers ? PUSHERS : []),
    ]),
  ]
}

/** How far the hands reach: a domed inside comes down to their tips. */
const HANDS: readonly DimensionId[] = ['hour-hand', 'minute-hand', 'second-hand', 'dial-below-seat']
const CROWN: readonly DimensionId[] = ['crown-tube', 'crown-bore', 'crown-room']
const PUSHERS: readonly DimensionId[] = ['pusher-post', 'pusher-bore', 'pusher-room']
/** What a new bezel goes over, and what the old one was. */
const BEZEL: readonly DimensionId[] = ['neck-outer', 'bezel-inner', 'bezel-outer']
/** What a pusher has to clear: a ring that is set straight goes back, nothing else of it decides anything. */
const PUSHED_PAST: DimensionId = 'chapter-ring-inner'
/** What another ring is judged by beside that. */
const CHAPTER_RING: readonly DimensionId[] = ['chapter-ring-outer', 'chapter-ring-height']
const INSERT: readonly DimensionId[] = [
  'insert-outer',
  'insert-inner',
  'insert-thickness',
  'recess-outer',
  'recess-depth',
]
const BACK_GROOVE: readonly DimensionId[] = ['back-groove-inner', 'back-groove-width', 'back-groove-depth']
/** The seal between the parts of a two-part back. */
const DISC_SEAL: readonly DimensionId[] = [
  'disc-ring-section',
  'disc-ring-inner',
  'disc-groove-inner',
  'disc-groove-width',
  'disc-groove-depth',
]
/** What says how far a back is to be turned; it decides no part. */
const BACK_THREAD: readonly DimensionId[] = ['back-thread', 'back-pitch']
const BACK_SEAL: Readonly<Record<BackSeal, readonly DimensionId[]>> = {
  'o-ring': ['back-ring-section', 'back-ring-inner', ...BACK_GROOVE],
  'flat-gasket': ['back-ring-section', 'back-ring-inner', ...BACK_GROOVE],
  'plastic-ring': [],
  none: [],
}

function crystalPlan(facts: PlanBasis) {
  const { retention, crystalState, profile, gasketPresent } = facts
  const edgeLeft = crystalState !== 'missing'
  const wholeEnough = isWholeEnough(crystalState)
  const { crystal, seat, gasket, fitted } = constructionOf(retention).reads(facts)
  const [first, ...rest] = seat
  const plan: (DimensionId | false)[] = [
    edgeLeft && 'crystal-edge',
    wholeEnough && profile !== 'flat' && 'crystal-centre',
    ...(wholeEnough ? crystal : []),
    first ?? false,
    ...(gasketPresent ? gasket : []),
    ...(gasketPresent && !wholeEnough ? fitted : []),
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

/** Dimensions of the plan that nobody has read yet. */
export function unreadOf(
  plan: readonly DimensionId[],
  taken: readonly Pick<ReadingTarget, 'dimension'>[],
): DimensionId[] {
  const read = new Set(taken.map(({ dimension }) => dimension))
  return plan.filter((dimension) => !read.has(dimension))
}

/** First place of one dimension that has no reading yet; null when all have. */
export function nextPlace(dimension: DimensionId, taken: readonly ReadingTarget[]): ReadingTarget | null {
  const done = new Set(taken.filter((t) => t.dimension === dimension).map((t) => t.placeIndex))
  const placeIndex = DIMENSIONS[dimension].places.findIndex((_, index) => !done.has(index))
  return placeIndex < 0 ? null : { dimension, placeIndex }
}
