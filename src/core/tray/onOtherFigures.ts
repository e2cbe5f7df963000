import type { DimensionId } from '../readings/dimensions'
import type { PlanBasis } from '../readings/readingPlan'
import { crystalRestsOn, plannedForInsert, plannedForSeals } from '../readings/readingPlan'
import type { OtherFigures, RestingAct } from '../stages/Stage'
import { changedWords, figuresSince } from './figuresSince'
import type { KeptPartOut, KeptTray } from './KeptTray'
import { sealsOut } from './sealsOut'
import { homeRun } from './isHome'

/** An act, with the figures it rests on and the time in which a change of them is its own. */
interface Rested {
  readonly act: RestingAct
  readonly on: readonly DimensionId[]
  readonly done: Date
  /** null where it is answerable still */
  readonly until: Date | null
}

type KeptActs = Pick<KeptTray, 'picked' | 'pressRuns' | 'partsOut'>

/**
 * What was done on other figures than there are now. A change answers to the last act that rests on it: to the pick
 * until the crystal is home, from then on to the run that brought it home.
 * @param kept - its readings and shapes are those of the case as it will be closed
 */
export function actsOnOtherFigures(
  kept: KeptActs & Pick<KeptTray, 'readings' | 'shapes'>,
  basis: () => PlanBasis,
): Readonly<Partial<Record<RestingAct, OtherFigures>>> {
  const acts = restedActs(kept, basis).flatMap(({ act, on, done, until }) => {
    const since = figuresSince(kept, on, done, until)
    return since ? [[act, { words: changedWords(since.changed), at: since.at }] as const] : []
  })
  return Object.fromEntries(acts)
}

function restedActs(kept: KeptActs, basis: () => PlanBasis): Rested[] {
  const { picked, partsOut } = kept
  const run = homeRun(kept)
  const taken = (
    act: RestingAct,
    parts: readonly KeptPartOut[],
    on: (basis: PlanBasis) => readonly DimensionId[],
  ) => parts.map(({ since }) => ({ act, on: on(basis()), done: since, until: null }))
  const inserts = partsOut.filter(({ kind }) => kind === 'insert')
  return [
    ...(picked
      ? [
          {
            act: 'pick',
            on: crystalRestsOn(basis()),
            done: picked.pick.pickedAt,
            until: run?.ranAt ?? null,
          } as const,
        ]
      : []),
    ...(run
      ? [{ act: 'press-run', on: crystalRestsOn(basis()), done: run.ranAt, until: null } as const]
      : []),
    ...taken('insert', inserts, plannedForInsert),
    ...taken('seals', sealsOut(kept), plannedForSeals),
  ]
}
