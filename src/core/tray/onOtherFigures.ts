import type { DimensionId } from '../readings/dimensions'
import type { PlanBasis } from '../readings/readingPlan'
import { crystalRestsOn, plannedForInsert, plannedForSeals, pushOutRestsOn } from '../readings/readingPlan'
import type { OtherFigures, RestingAct } from '../stages/Stage'
import { figureOf, learnedOf } from './caseFigures'
import type { CaseSheet } from './CaseSheet'
import { changedWords, figuresSince, sheetFiguresSince } from './figuresSince'
import type { KeptPartOut, KeptTray } from './KeptTray'
import { measuredFigures } from './measuredFigures'
import { sheetFiguresOfPick } from './PickEvidence'
import { sealsOut } from './sealsOut'
import { homeRun } from './isHome'
import { soundReadings } from './soundReadings'

/** The step that has a pusher go past a chapter ring. */
const CRYSTAL_OUT = 'step:crystal-out'

/** An act, with the figures it rests on and the time in which a change of them is its own. */
interface Rested {
  readonly act: RestingAct
  readonly on: readonly DimensionId[]
  readonly done: Date
  /** null where it is answerable still */
  readonly until: Date | null
  /** figures nobody had read by then, as the case sheet had them, mm */
  readonly bySheet: readonly (readonly [DimensionId, number])[]
}

type KeptActs = Pick<KeptTray, 'tray' | 'ticks' | 'picked' | 'pressRuns' | 'partsOut' | 'trail'>

/**
 * What was done on other figures than there are now. A change answers to the last act that rests on it: to the pick
 * until the crystal is home, from then on to the run that brought it home.
 * @param sheet - of the case as it will be closed
 * @param kept - its readings and shapes are those of the case as it will be closed
 */
export function actsOnOtherFigures(
  kept: KeptActs & Pick<KeptTray, 'readings' | 'shapes'>,
  basis: () => PlanBasis,
  sheet: () => CaseSheet,
): Readonly<Partial<Record<RestingAct, OtherFigures>>> {
  const acts = restedActs(kept, basis).flatMap(({ act, on, done, until, bySheet }) => {
    const since = figuresSince(kept, on, done, until)
    const ofSheet = bySheet.length === 0 ? [] : sheetFiguresSince(bySheet, figuresNow(kept, sheet()))
    const changed = [...(since?.changed ?? []), ...ofSheet]
    // Nobody knows when a sheet was changed: whatever reason was given after the act answers.
    return changed.length > 0
      ? [[act, { words: changedWords(changed), at: since?.at ?? done.toISOString() }] as const]
      : []
  })
  return Object.fromEntries(acts)
}

function figuresNow({ readings, shapes }: Pick<KeptTray, 'readings' | 'shapes'>, sheet: CaseSheet) {
  const stands = <T extends { voidedAt: Date | null }>(kept: readonly T[]) =>
    kept.filter(({ voidedAt }) => voidedAt === null)
  const measured = measuredFigures(soundReadings(stands(readings)).sound, stands(shapes))
  // What the sheet learns from other pieces moves by itself: nothing of this one was changed by it.
  return (dimension: DimensionId) =>
    measured[dimension] === undefined && learnedOf(dimension, sheet)
      ? null
      : (figureOf(dimension, measured, sheet)?.valueMm ?? null)
}

function restedActs(kept: KeptActs, basis: () => PlanBasis): Rested[] {
  const { picked, partsOut } = kept
  const inHand = kept.tray.finishedAt === null
  const run = homeRun(kept)
  const taken = (
    act: RestingAct,
    parts: readonly KeptPartOut[],
    on: (basis: PlanBasis) => readonly DimensionId[],
  ) => parts.map(({ since }) => ({ act, on: on(basis()), done: since, until: null, bySheet: [] }))
  // What was handed back stays as it was: its sheet goes on with other pieces.
  const bySheet = picked && inHand ? sheetFiguresOfPick(picked.pick.evidence) : []
  const pushedOut = kept.ticks[CRYSTAL_OUT]
  const inserts = partsOut.filter(({ kind }) => kind === 'insert')
  return [
    ...(pushedOut === undefined
      ? []
      : [
          {
            act: 'push-out',
            on: pushOutRestsOn(basis()),
            done: new Date(pushedOut),
            until: null,
            bySheet: [],
          } as const,
        ]),
    ...(picked
      ? [
          {
            act: 'pick',
            on: crystalRestsOn(basis()),
            done: picked.pick.pickedAt,
            until: run?.ranAt ?? null,
            bySheet: run ? [] : bySheet,
          } as const,
        ]
      : []),
    ...(run
      ? [{ act: 'press-run', on: crystalRestsOn(basis()), done: run.ranAt, until: null, bySheet } as const]
      : []),
    ...taken('insert', inserts, plannedForInsert),
    ...taken('seals', sealsOut(kept), plannedForSeals),
  ]
}
