import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import type { StageId } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import type { PressWorkView } from '@/services/tray/pressWorks'

/** Everything a stage puts under a press but the crystal that goes in, in the order of the work. */
export function worksAt(stage: StageId, { pressWorks }: Pick<TrayView, 'pressWorks'>): PressWorkView[] {
  return pressWorks.filter(({ work }) => PRESS_WORK_FACTS[work].stage === stage)
}

/** The first of a stage's presses that was not made yet; null where all were. */
export function dueWork(stage: StageId, view: Pick<TrayView, 'pressWorks' | 'job'>): PressWorkView | null {
  return worksAt(stage, view).find((shown) => !isDone(shown, view.job.ticks)) ?? null
}

function isDone({ work, runs }: PressWorkView, ticks: Readonly<Record<string, string>>): boolean {
  const { step } = PRESS_WORK_FACTS[work]
  return runs.at(-1)?.outcome === 'done' || (step !== null && ticks[`step:${step}`] !== undefined)
}
