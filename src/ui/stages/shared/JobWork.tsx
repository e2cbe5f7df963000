import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import type { StageId } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from './GoOn'
import { HazardList } from './HazardList'
import { JobPanel } from './JobPanel'
import { OpenList } from './OpenList'

const PressWorks = dynamic(() => import('../press/PressWorks').then((m) => m.PressWorks), {
  loading: () => null,
})

/** Stages at which something is put under a press beside the crystal. */
const PRESSED_AT: readonly StageId[] = ['push-out', 'align', 'close']

/** A stage that is its steps and what goes with them. */
export function JobWork({ bench, actions }: StageWorkProps) {
  return (
    <>
      {bench.state.stage === 'hand-back' && (
        <>
          <HazardList bench={bench} actions={actions} />
          <OpenList bench={bench} actions={actions} />
        </>
      )}
      <JobPanel bench={bench} actions={actions} stage={bench.state.stage} />
      {PRESSED_AT.includes(bench.state.stage) && <PressWorks bench={bench} actions={actions} />}
      {bench.state.stage === 'hand-back' && (
        <Button
          component={Link}
          href={`/trays/${bench.state.view.tray.number}/report`}
          variant="outlined"
          sx={{ mt: 1.5 }}
        >
          Report, as the owner gets it
        </Button>
      )}
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
