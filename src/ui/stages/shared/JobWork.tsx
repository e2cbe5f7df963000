import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from './GoOn'
import { JobPanel } from './JobPanel'

/** A stage that is its steps and what goes with them. */
export function JobWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <JobPanel bench={bench} actions={actions} stage={bench.state.stage} />
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
