import type { Die } from '@/core/dies/Die'
import type { DieProfile } from '@/core/dies/dieProfile'
import { dieProfile, dieToMake } from '@/core/dies/dieProfile'
import type { ExpectedForce } from '@/core/press/plan/expectedForce'
import { expectedOfRing, expectedOfRuns, forceRestsOn } from '@/core/press/plan/expectedForce'
import { foundForceN } from '@/core/press/plan/foundForce'
import type { PlannedDie } from '@/core/press/plan/PlannedDie'
import type { PressPlan } from '@/core/press/plan/pressPlan'
import { pressPlan, pressWorksOf } from '@/core/press/plan/pressPlan'
import type { PressAdvice } from '@/core/press/plan/whichPress'
import { whichPress } from '@/core/press/plan/whichPress'
import type { OtherPressWork } from '@/core/press/pressWorks'
import { againstPress } from '@/core/stages/inOrder'
import { constructionOf } from '@/core/construction/constructions'
import { figureOf } from '@/core/tray/caseFigures'
import type { WorkRun } from '@/data/queries/workRuns'
import type { OpenedCase } from './openTrayCases'
import { pressCaseOf } from './pressCase'
import { standingOrder } from './recordTrail'
import type { PressRunView } from './pressRunView'
import { pressRunView } from './pressRunView'

/** One press of this job other than bringing its crystal home: its plan, and what was done. */
export interface PressWorkView {
  readonly work: OtherPressWork
  readonly plan: PressPlan
  /** why it is not its turn yet, in words; null where it is */
  readonly notYet: string | null
  readonly advice: PressAdvice
  /** what the force rests on, in words */
  readonly forceRestsOn: string
  /** dies the shop has not, as they would be turned or printed */
  readonly toMake: readonly DieProfile[]
  /** of this tray, oldest first */
  readonly runs: readonly PressRunView[]
  /** the last on another piece of this case that went well; null where none did */
  readonly lastTime: (PressRunView & { readonly trayNumber: number }) | null
}

/** A plan is made for some press where the shop has written none down. */
export const ANY_PRESS = { id: 0, name: 'the press', kind: 'lever', gauged: false, mostForceN: null } as const

/** @param dies - all there are, with those the shop has no more of */
export function pressWorkViews(opened: OpenedCase, dies: readonly Die[]): PressWorkView[] {
  const { kept } = opened
  const { presses } = kept
  const there = dies.filter(({ quantity }) => quantity > 0)
  const pressCase = pressCaseOf(opened, there)
  const works = pressWorksOf(
    pressCase,
    opened.procedure.steps.map(({ id }) => id),
  )
  return works
    .filter((work) => work !== 'crystal-in')
    .map((work) => {
      const ofWork = kept.workRuns.filter((run) => run.work === work)
      const forces = ofWork.filter(wentWell).flatMap(({ peakForceN }) => peakForceN ?? [])
      const force = expectedForce(opened, work, forces)
      const advice = whichPress(work, presses)
      const press = presses.find(({ id }) => id === advice.pressId) ?? ANY_PRESS
      const plan = pressPlan(pressCase, work, { press, force, crystalDies: null })
      const before = ofWork.find((run) => run.trayId !== kept.tray.id && wentWell(run))
      const named = { presses, dies }
      return {
        work,
        plan,
        notYet: againstPress(work, standingOrder(opened)),
        advice,
        forceRestsOn: forceRestsOn(work, force, forces.length),
        toMake: diesToMake(plan.dies),
        runs: ofWork
          .filter(({ trayId }) => trayId === kept.tray.id)
          .reverse()
          .map((run) => pressRunView(run, named)),
        lastTime: before ? { ...pressRunView(before, named), trayNumber: before.trayNumber } : null,
      }
    })
}

function wentWell({ outcome }: WorkRun): boolean {
  return outcome === 'done'
}

/** Dies of a plan that none of the shop's serves for. */
export function diesToMake(planned: readonly PlannedDie[]): DieProfile[] {
  return planned.flatMap(({ role, outcome }) => {
    const made = outcome && !outcome.ok ? dieToMake(role, outcome.wanted) : null
    return made ? [dieProfile(made)] : []
  })
}

/** A crystal slides out against the friction it slid in with; for the rest only runs tell. */
function expectedForce(
  opened: OpenedCase,
  work: OtherPressWork,
  forces: readonly number[],
): ExpectedForce | null {
  const byFigures = work === 'push-out' ? foundForceN(foundRing(opened)) : null
  return byFigures === null
    ? expectedOfRuns(forces)
    : expectedOfRing(byFigures, { ofCase: forces, ofKind: [] })
}

function foundRing({ found }: OpenedCase) {
  const { sheet, readout } = found
  const mm = (id: Parameters<typeof figureOf>[0]) => figureOf(id, readout.measured, sheet)?.valueMm ?? null
  const { bore } = constructionOf(sheet.retention).ring
  return {
    crystalMm: mm('crystal-diameter'),
    wallMm: mm('gasket-wall'),
    heightMm: mm('gasket-height'),
    boreMm: bore && mm(bore),
    material: sheet.gasketMaterial,
  }
}
