import type { StageWorkProps } from '../StageWorkProps'
import { JobWork } from '../shared/JobWork'
import { ClosingPanel } from './ClosingPanel'
import { SealsPanel } from './SealsPanel'

/** Parts back, last off first, and the seals they close on. */
export function CloseWork({ bench, actions }: StageWorkProps) {
  return (
    <JobWork bench={bench} actions={actions}>
      <SealsPanel bench={bench} actions={actions} />
      <ClosingPanel closing={bench.state.view.closing} sheetId={bench.state.view.sheet.id} />
    </JobWork>
  )
}
