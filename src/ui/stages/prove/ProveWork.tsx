'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { FoldLine } from '../../small/FoldLine'
import { PhotoShelf } from '../intake/PhotoShelf'
import { JobWork } from '../shared/JobWork'
import type { StageWorkProps } from '../StageWorkProps'
import { BezelActionPanel } from './BezelActionPanel'
import { DryTestPanel } from './dry/DryTestPanel'
import type { ProofId } from './proofsOf'
import { dueProof, proofsOf } from './proofsOf'
import { RunningPanel } from './RunningPanel'

const PANELS = { dry: DryTestPanel, running: RunningPanel, bezel: BezelActionPanel }

/** The proofs: what a hand and an eye say, and a line for each that is told by figures, the one that is due open. */
export function ProveWork({ bench, actions }: StageWorkProps) {
  const proofs = proofsOf(bench.state.view)
  // What was due as the stage was come to stays open: its verdict is looked at once it is there.
  const [open, setOpen] = useState<ProofId | null>(() => dueProof(proofs))
  const byFigures = proofs.length > 0 && (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h2" component="h2">
        By figures
      </Typography>
      {proofs.map(({ id, label, state, isGood }) => {
        const Panel = PANELS[id]
        return (
          <FoldLine
            key={id}
            label={label}
            // An open one says it itself, large.
            {...(open === id ? { state: '' } : { state, isGood })}
            isOpen={open === id}
            onToggle={() => setOpen(open === id ? null : id)}
          >
            <Panel bench={bench} actions={actions} />
          </FoldLine>
        )
      })}
    </Box>
  )
  const isDropped = bench.state.view.job.procedure.steps.some(({ id }) => id === 'condensation-test')
  return (
    <JobWork bench={bench} actions={actions} withSteps={byFigures}>
      {isDropped && (
        <PhotoShelf
          bench={bench}
          actions={actions}
          asks="drop, paste or choose: the glass under the loupe, once the drop is wiped off"
        />
      )}
    </JobWork>
  )
}
