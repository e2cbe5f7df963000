import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from '../shared/GoOn'
import { IntakePanel } from './IntakePanel'

/** Which piece this is, what can hurt, what was promised. */
export function IntakeWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <IntakePanel bench={bench} actions={actions} />
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
