import { OWN_PART_IDS } from '../own-parts/OwnPart'
import { isOwnPickLost, ownOf } from '../own-parts/ownPick'
import type { OwnParts } from '../own-parts/ownParts'
import type { Procedure } from '../procedure/procedure'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { ReadingTarget } from '../readings/readingPlan'
import { READ_FIRST } from '../readings/readingPlan'
import type { PlannedReadings, StandingWork, StraightWork } from '../stages/Stage'
import type { StandingPair } from '../straight/standingPairs'
import { standingWords, standsStraight } from '../straight/standingPairs'
import type { TrailLine } from '../trail/partsTrail'
import { missingBefore, missingText } from '../trail/partsTrail'
import { saysTheSize } from '../readings/saysTheSize'
import { SURE } from '../verdict/askNext'
import { sealsOut } from './sealsOut'
import { isHome } from './isHome'
import type { KeptTray } from './KeptTray'
import type { TrayLooks } from './looksOf'
import type { TrayReadout } from './trayReadout'

/** A tray's case, as far as its stages ask how the work stands. */
export interface WorkBasis {
  readonly kept: Pick<
    KeptTray,
    | 'shapes'
    | 'picked'
    | 'pressRuns'
    | 'partsOut'
    | 'looked'
    | 'findings'
    | 'ticks'
    | 'straightLooks'
    | 'trail'
    | 'dryRecords'
  >
  readonly procedure: Procedure
  readonly plan: readonly DimensionId[]
  /** those of the plan that say which crystal fits */
  readonly forCrystal: readonly DimensionId[]
  readonly counted: readonly ReadingTarget[]
  /** asked only where something was done that rests on figures */
  readonly onOtherFigures: () => StandingWork['onOtherFigures']
  readonly trail: readonly TrailLine[]
  /** parts of the piece itself; asked only where some were picked or said to go back */
  readonly own: () => Pick<OwnParts, 'parts'>
  /** each asked only where something is kept that it rests on */
  readonly looks: TrayLooks
  /** asked only where something is left to be read */
  readonly readout: () => TrayReadout
}

/** How the work on a tray stands: what was read, picked, pressed and put back. */
export function standingWork({
  kept,
  procedure,
  plan,
  forCrystal,
  counted,
  trail,
  own,
  readout,
  onOtherFigures,
  looks,
}: WorkBasis): StandingWork {
  const { picked, pressRuns, shapes, partsOut, looked, findings } = kept
  const byShape = shapes.filter(({ voidReason }) => voidReason === null).map(({ dimension }) => dimension)
  const readingsOf = (asked: readonly DimensionId[]): PlannedReadings => ({
    planned: asked.length > 0,
    missing: missingReadings(
      asked
        .filter((dimension) => !byShape.some((shape) => shape === dimension))
        .map((dimension) => missingOf(dimension, counted))
        .filter(({ readings }) => readings > 0),
    ),
  })
  const running = looks.running()
  const first = plan.filter((dimension) => READ_FIRST.includes(dimension))
  const rest = plan.filter((dimension) => !READ_FIRST.includes(dimension))
  const all = readingsOf(rest)
  return {
    steps: procedure.steps.map(({ id }) => id),
    tightnessNoted: findings.some(({ kind }) => kind === 'back-tightness'),
    glass: readingsOf(first),
    get rest() {
      if (all.missing === '' || !isSizeSettled(readout())) return all
      // A size that is sure asks for no more readings of itself; depths, heights and other parts still do.
      const ofSize = (dimension: DimensionId) => forCrystal.includes(dimension) && saysTheSize(dimension)
      const others = readingsOf(rest.filter((dimension) => !ofSize(dimension)))
      return { planned: true, missing: others.missing }
    },
    out: partsOut.map(({ kind }) => kind),
    sealsOut: sealsOut(kept).length > 0,
    looked: OWN_PART_IDS.filter((id) => looked[id] !== undefined),
    goBack: OWN_PART_IDS.filter(
      (id) => looked[id]?.goesBack === true && own().parts.some((part) => part.id === id && part.goesBack),
    ),
    picked: picked !== null && !isLost(picked, pressRuns, own),
    home: isHome(kept),
    get rim() {
      return pressRuns.length > 0 ? (looks.rim()?.judgement ?? null) : null
    },
    get insertLevel() {
      return looks.insertLevel()?.standing ?? null
    },
    rimSeenEven: kept.ticks['step:rim-check'] !== undefined,
    bezelAction: looks.bezelAction(),
    get dryTest() {
      return kept.dryRecords.length > 0 ? looks.dryTest() : null
    },
    running:
      running === null || running.isRight === null
        ? null
        : { words: running.words, isRight: running.isRight, at: running.at },
    hands: looks.hands().standing,
    get straight() {
      return kept.straightLooks.length > 0 ? looks.straight().map(straightWork) : []
    },
    get onOtherFigures() {
      return onOtherFigures()
    },
    partsOpen: missingText(missingBefore(trail, 'prove')),
  }
}

function straightWork(pair: StandingPair): StraightWork {
  const { at } = pair.last
  return {
    pair: pair.pair,
    words: standingWords(pair),
    isStraight: standsStraight(pair),
    lookedAt: at.toISOString(),
  }
}

/** True where what was picked cracked under the press last, or is the piece's own and was seen since not to serve. */
function isLost(
  picked: NonNullable<KeptTray['picked']>,
  pressRuns: KeptTray['pressRuns'],
  own: WorkBasis['own'],
): boolean {
  const last = pressRuns.findLast((run) => run.pickId === picked.pick.id)
  if (last?.outcome === 'cracked') return true
  return ownOf(picked).length > 0 && isOwnPickLost(picked, own().parts)
}

function isSizeSettled({ seat, verdict }: TrayReadout): boolean {
  return seat.ok && verdict !== null && verdict.pick.probability >= SURE
}

interface MissingReadings {
  readonly label: string
  readonly readings: number
}

/** Dimensions named one by one; of more only the first, and how many there are. */
const NAMED = 2

/** “2 readings of the crystal diameter missing”; empty when nothing is. */
function missingReadings(missing: readonly MissingReadings[]): string {
  const [first] = missing
  if (!first) return ''
  const all = missing.reduce((sum, { readings }) => sum + readings, 0)
  if (missing.length > NAMED)
    return `${all} readings of ${missing.length} dimensions missing, first ${first.label}`
  return missing
    .map(
      ({ label, readings }) => `${readings === 1 ? '1 reading' : `${readings} readings`} of ${label} missing`,
    )
    .join(', ')
}

/** How many places of a dimension nobody has read. */
function missingOf(dimension: DimensionId, counted: readonly ReadingTarget[]): MissingReadings {
  const { label, places } = DIMENSIONS[dimension]
  const read = new Set(counted.filter((one) => one.dimension === dimension).map((one) => one.placeIndex))
  return { label: label.toLowerCase(), readings: places.filter((_, index) => !read.has(index)).length }
}
