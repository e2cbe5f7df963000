import { chosenDie } from '@/core/press/plan/PlannedDie'
import type { PressPlan } from '@/core/press/plan/pressPlan'
import type { PressWork } from '@/core/press/pressWorks'
import type { DrawnDie, PressWay } from '@/core/section/drawnDies'
import { drawnDies } from '@/core/section/drawnDies'
import type { Outline } from '@/core/section/outline'
import type { StageId } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import { dueWork, worksAt } from '../../stages/press/dueWork'

const FROM_BEHIND: Readonly<Partial<Record<PressWork, PressWay>>> = { 'push-out': 'out', 'back-on': 'shut' }

/** Dies of the press that is due at a stage, where they bear; none where it is for none, or it goes by hand. */
export function diesAt(stage: StageId, view: TrayView, outlines: readonly Outline[]): DrawnDie[] {
  const plan = planAt(stage, view)
  if (!plan) return []
  const die = (role: PressPlan['dies'][number]['role']) =>
    chosenDie(plan.dies.find((planned) => planned.role === role))
  const dies = { pusher: die('pusher'), support: die('support') }
  return drawnDies(outlines, dies, FROM_BEHIND[plan.work] ?? 'in')
}

/** What was pressed last stays in sight once nothing is due any more. */
function planAt(stage: StageId, view: TrayView): PressPlan | undefined {
  if (stage === 'press-in') return Object.values(view.press?.plans ?? {})[0]
  return (dueWork(stage, view) ?? worksAt(stage, view).at(-1))?.plan
}
