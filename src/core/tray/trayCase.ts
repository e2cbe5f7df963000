import { withLearned } from '../learning/learnedFigures'
import { assessMethod } from '../methods/assessMethod'
import type { LoadedCrystal } from '../fit/underLoad'
import type { MethodAssessment, MethodProposal } from '../methods/assessMethod'
import type { PieceNow } from '../methods/PieceNow'
import type { JobFacts } from '../procedure/JobFacts'
import type { Procedure } from '../procedure/procedure'
import { procedure } from '../procedure/procedure'
import type { ComputedTools } from '../procedure/Step'
import { NO_COMPUTED_TOOLS } from '../procedure/Step'
import type { DimensionId } from '../readings/dimensions'
import type { PlanBasis, ReadingTarget } from '../readings/readingPlan'
import { planBasisOf } from '../readings/planBasisOf'
import { nextTarget, plannedForCrystal, possibleDimensions } from '../readings/readingPlan'
import { readingPlan, unreadOf } from '../readings/readingPlan'
import type { StageState } from '../stages/StageState'
import { openOf } from '../stages/StageState'
import { stageStates } from '../stages/stageStates'
import type { StageId } from '../stages/stages'
import type { TrailLine } from '../trail/partsTrail'
import { partsTrail } from '../trail/partsTrail'
import type { CaseByFigures } from './caseByFigures'
import { asFound, withNewBezel } from './caseByFigures'
import type { Hazard } from './hazards'
import { allHazards, hazardTicksOf, standingHazards } from './hazards'
import { isHome } from './isHome'
import { jobFactsOf } from './jobFactsOf'
import { originalCrystal } from './originalCrystal'
import type { KeptTray } from './KeptTray'
import { lazily } from './lazily'
import type { TrayLooks } from './looksOf'
import { looksOf } from './looksOf'
import { laidInBy, movesOf } from './movesOf'
import type { NewBezel } from './newBezel'
import type { StraightPair } from '../straight/pairs'
import { againstLooking } from '../straight/partsOfPair'
import type { OwnParts } from '../own-parts/ownParts'
import type { Wait } from '../waits/waits'
import { waitsOf } from '../waits/waits'
import { isOfOldBezel, newBezelOf } from './newBezel'
import { ownPartsOfTray } from './ownPartsOfTray'
import { actsOnOtherFigures } from './onOtherFigures'
import type { ShopRules } from './ShopRules'
import { standsNow } from './standsNow'
import { standingWork } from './standingWork'

/** A tray's case as it stands: the one thing every screen, check and export asks. */
export interface TrayCase<K extends KeptTray = KeptTray> {
  readonly kept: K
  readonly rules: ShopRules
  /** a bezel out for this tray: everything but what is drawn as found is judged with it on */
  readonly newBezel: NewBezel | null
  /** readings that stand */
  readonly standing: readonly K['readings'][number][]
  /** readings that stand and speak of the case as it will be closed */
  readonly counted: readonly K['readings'][number][]
  /** the case as it came in */
  readonly found: CaseByFigures
  /** the case as it will be closed; the same as found where no new bezel is out */
  readonly now: CaseByFigures
  /** the crystal it came in with, as far as it can be told; null where that is too little */
  readonly original: LoadedCrystal | null
  /** parts of the piece itself, as far as they may go back */
  readonly own: OwnParts
  readonly planBasis: PlanBasis
  /** what is to be read, in order */
  readonly plan: readonly DimensionId[]
  /** what can still be read and has no reading, no chord and no points yet, in order */
  readonly unread: readonly DimensionId[]
  /** everything this construction could be read for, the plan first */
  readonly possible: readonly DimensionId[]
  /** null when the plan is done, or as much of it as can be read once a crystal is home */
  readonly next: ReadingTarget | null
  /** what was looked at, tried and tested, see TrayLooks */
  readonly rim: ReturnType<TrayLooks['rim']>
  readonly insertLevel: ReturnType<TrayLooks['insertLevel']>
  readonly straight: ReturnType<TrayLooks['straight']>
  readonly bezelAction: ReturnType<TrayLooks['bezelAction']>
  readonly dryTest: ReturnType<TrayLooks['dryTest']>
  readonly running: ReturnType<TrayLooks['running']>
  readonly hands: ReturnType<TrayLooks['hands']>
  /** why a pair cannot be looked at now; null where it can */
  readonly againstLooking: (pair: StraightPair) => string | null
  readonly facts: JobFacts
  /** the steps of this job, tools by rule of thumb */
  readonly procedure: Procedure
  /** the steps of this job, tools worked out from figures and drawers */
  readonly procedureWith: (tools: ComputedTools) => Procedure
  /** the first thing a stage demands that is neither done nor left out, in words; null when none is */
  readonly nextOpen: (stage: StageId) => string | null
  /** every stage as it stands by what was done */
  readonly stages: readonly StageState[]
  readonly trail: readonly TrailLine[]
  readonly allHazards: readonly Hazard[]
  /** not dealt with */
  readonly hazards: readonly Hazard[]
  /** the piece as it stands now: what is off it, which crystal is in it */
  readonly piece: PieceNow
  /** cures, soaks and run-ins that were begun */
  readonly waits: readonly Wait[]
  /** may this bath, flame or blade be used here and now? */
  readonly method: (proposal: MethodProposal) => MethodAssessment
}

/**
 * Puts a tray's case together: from what is kept of it and what the shop judges by. Nothing else does; whatever looks
 * at a tray takes this.
 */
export function trayCase<K extends KeptTray>(kept: K, rules: ShopRules): TrayCase<K> {
  const { tray } = kept
  const sheet = withLearned(kept.sheet, kept.pieces)
  const newBezel = newBezelOf(kept.partsOut, kept.bezelsOut)
  const isOfThisCase = (r: K['readings'][number]) => !newBezel || !isOfOldBezel(r, newBezel, kept.sheet)
  const standing: readonly K['readings'][number][] = kept.readings.filter((r) => r.voidReason === null)
  const counted = standing.filter(isOfThisCase)
  const found = lazily(() => asFound(kept, sheet, rules.policy, newBezel))
  const now = lazily(() => (newBezel ? withNewBezel(kept, rules.policy, found(), newBezel) : found()))
  // The plan asks for the sheet alone: a bench full of trays is planned without judging every one's size.
  const planBasis = lazily(() => planBasisOf(tray, newBezel ? now().sheet : sheet, kept.looked))
  const plan = lazily(() => readingPlan(planBasis()))
  // A crystal that is home lies over what it was chosen by.
  const covered = lazily(() => (isHome(kept) ? plannedForCrystal(planBasis()) : []))
  const readable = lazily(() => plan().filter((dimension) => !covered().includes(dimension)))
  const facts = lazily(() => jobFactsOf(tray, kept.sheet, kept, rules.schools))
  const procedureWith = (tools: ComputedTools) => procedure(facts(), tray.schools, tools)
  const steps = lazily(() => procedureWith(NO_COMPUTED_TOOLS))
  const trail = lazily(() => partsTrail(kept.trail))
  const stagesBasis = lazily(() => ({
    procedure: steps(),
    ticks: kept.ticks,
    said: kept.said,
    leftOut: kept.leftOut,
    work: standingWork({
      kept,
      procedure: steps(),
      plan: plan(),
      forCrystal: plannedForCrystal(planBasis()),
      counted,
      onOtherFigures: lazily(() =>
        actsOnOtherFigures({ ...kept, readings: kept.readings.filter(isOfThisCase) }, planBasis, () =>
          newBezel ? now().sheet : sheet,
        ),
      ),
      trail: trail(),
      own: () => own(),
      looks,
      readout: () => now().readout,
    }),
  }))
  const moves = lazily(() => movesOf(kept, steps()))
  const original = () => originalCrystal(found(), tray.foundMaterial)
  const looks = looksOf(kept, { facts, standing, moves, now, original, policy: rules.policy })
  const piece = lazily(() => standsNow(facts(), trail(), kept))
  const stages = lazily(() => stageStates(stagesBasis()))
  const own = lazily(() => ownPartsOfTray(kept, facts(), { sheet, found: found(), now: now() }))
  const asItCame = () => ({ ...facts(), steamedUp: tray.steamedUp })
  return {
    kept,
    rules,
    newBezel,
    standing,
    counted,
    get found() {
      return found()
    },
    get now() {
      return now()
    },
    get original() {
      return original()
    },
    get own() {
      return own()
    },
    get planBasis() {
      return planBasis()
    },
    get plan() {
      return plan()
    },
    get unread() {
      return unreadOf(readable(), [...counted, ...kept.shapes.filter((shape) => shape.voidReason === null)])
    },
    get possible() {
      return possibleDimensions(planBasis())
    },
    get next() {
      return nextTarget(readable(), counted)
    },
    get rim() {
      return looks.rim()
    },
    get insertLevel() {
      return looks.insertLevel()
    },
    get straight() {
      return looks.straight()
    },
    againstLooking: (pair) => againstLooking(pair, trail(), laidInBy(kept, steps())),
    get bezelAction() {
      return looks.bezelAction()
    },
    get running() {
      return looks.running()
    },
    get hands() {
      return looks.hands()
    },
    get dryTest() {
      return looks.dryTest()
    },
    get facts() {
      return facts()
    },
    get procedure() {
      return steps()
    },
    procedureWith,
    nextOpen: (stage) =>
      stages()
        .filter((one) => one.stage === stage)
        .flatMap(openOf)[0]?.open ?? null,
    get stages() {
      return stages()
    },
    get trail() {
      return trail()
    },
    get allHazards() {
      return allHazards(asItCame(), hazardTicksOf(kept.ticks))
    },
    get hazards() {
      return standingHazards(asItCame(), hazardTicksOf(kept.ticks))
    },
    get piece() {
      return piece()
    },
    get waits() {
      return waitsOf(stagesBasis())
    },
    method: (proposal) =>
      assessMethod(proposal, {
        facts: facts(),
        piece: piece(),
        bench: kept.inUse,
      }),
  }
}
