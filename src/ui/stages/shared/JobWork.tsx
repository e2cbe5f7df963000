import Button from '@mui/material/Button'
import Link from 'next/link'
import type { StageWorkProps } from '../StageWorkProps'
import { GoOn } from './GoOn'
import { HazardList } from './HazardList'
import { JobPanel } from './JobPanel'
import { OpenList } from './OpenList'

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
