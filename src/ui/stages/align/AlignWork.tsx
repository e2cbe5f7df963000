import { JobWork } from '../shared/JobWork'
import type { StageWorkProps } from '../StageWorkProps'
import { InsertLevelPanel } from './InsertLevelPanel'
import { OffAgainRow } from './OffAgainRow'
import { StraightPanel } from './StraightPanel'

/** What has to stand straight, read and helped, and the steps that set it. */
export function AlignWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      <StraightPanel bench={bench} />
      <InsertLevelPanel bench={bench} />
      <OffAgainRow bench={bench} actions={actions} />
      <JobWork bench={bench} actions={actions} />
    </>
  )
}
