import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from '../shared/GoOn'
import { PartsOutNote } from '../shared/PartsOutNote'
import { StepList } from '../shared/StepList'
import { PressCardPanel } from './PressCardPanel'

/** The plan for the press, and what was done at it. */
export function PressInWork({ bench, actions }: StageWorkProps) {
  const { view, stage } = bench.state
  return (
    <>
      <PressCardPanel
        key={view.press?.pickId ?? 0}
        view={view}
        logPressRun={actions.logPressRun}
        onLogged={(result) => bench.take(result)}
      />
      <PartsOutNote bench={bench} actions={actions} />
      <StepList bench={bench} actions={actions} stage={stage} />
      {!bench.awaits('press-run') && <GoOn bench={bench} actions={actions} />}
    </>
  )
}
