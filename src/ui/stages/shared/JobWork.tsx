import Button from '@mui/material/Button'
import Link from 'next/link'
import type { ReactNode } from 'react'
import type { StageWorkProps } from '../StageWorkProps'
import { HandsPanel } from '../hands/HandsPanel'
import { GoOn } from './GoOn'
import { HazardList } from './HazardList'
import { JobPanel } from './JobPanel'
import { OpenList } from './OpenList'

interface JobWorkProps extends StageWorkProps {
  /** what goes with the steps, told right after them */
  readonly withSteps?: ReactNode
  /** what else the stage shows, before what says it done */
  readonly children?: ReactNode
}

/** A stage that is its steps and what goes with them. */
export function JobWork({ bench, actions, withSteps, children }: JobWorkProps) {
  return (
    <>
      {bench.state.stage === 'hand-back' && (
        <>
          <HazardList bench={bench} actions={actions} />
          <OpenList bench={bench} actions={actions} />
        </>
      )}
      <JobPanel bench={bench} actions={actions} stage={bench.state.stage}>
        {withSteps}
      </JobPanel>
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
      <HandsPanel bench={bench} />
      {children}
      <GoOn bench={bench} actions={actions} />
    </>
  )
}
