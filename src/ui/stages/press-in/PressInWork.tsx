import type { StandingDemand } from '@/core/stages/StageState'
import { stepsOf } from '@/core/procedure/procedure'
import { TRAIL_PARTS } from '@/core/trail/parts'
import { ReplayPanel } from '../close/ReplayPanel'
import type { StageWorkProps } from '../StageWorkProps'
import { HandsPanel } from '../hands/HandsPanel'
import { GoOn } from '../shared/GoOn'
import { PartsOutNote } from '../shared/PartsOutNote'
import { StepList } from '../shared/StepList'
import { ChapterRingNote } from './ChapterRingNote'
import { PressCardPanel } from './PressCardPanel'
import { RimPanel } from './RimPanel'

const isPickOpen = ({ subject, met }: StandingDemand) => subject === 'pick' && !met

/** The plan for the press, and what was done at it. */
export function PressInWork({ bench, actions }: StageWorkProps) {
  const { view, stage } = bench.state
  // Through the front, what was counted out is counted back before the crystal shuts it.
  const countsBack = stepsOf(view.job.procedure, stage).some(({ putsBack }) =>
    putsBack.some((part) => TRAIL_PARTS[part].several),
  )
  return (
    <>
      <RimPanel bench={bench} />
      <PressCardPanel
        key={view.press?.pickId ?? 0}
        view={view}
        logPressRun={actions.logPressRun}
        onLogged={(result) => {
          const { tray, job } = result.view
          const isLost = job.stages.some(({ demands }) => demands.some(isPickOpen))
          const next = tray.stage === view.tray.stage ? stage : tray.stage
          bench.take(result, isLost ? 'match' : next)
        }}
      />
      <PartsOutNote bench={bench} actions={actions} />
      <ChapterRingNote bench={bench} />
      <StepList bench={bench} actions={actions} stage={stage} />
      <HandsPanel bench={bench} />
      {countsBack && <ReplayPanel bench={bench} actions={actions} />}
      {!bench.awaits('press-run') && <GoOn bench={bench} actions={actions} />}
    </>
  )
}
