import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from '../shared/GoOn'
import { IntakePanel } from './IntakePanel'
import { ReturnedPanel } from './ReturnedPanel'

/** Which piece this is, what can hurt, what was promised. */
export function IntakeWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <IntakePanel bench={bench} actions={actions} />
      <ReturnedPanel returned={bench.state.view.returned} />
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
