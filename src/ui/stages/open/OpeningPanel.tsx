'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { opensBack } from '@/core/procedure/opensBack'
import { Findings } from '../intake/Findings'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { RemovalPanels } from '../removal/RemovalPanels'
import { PastFindings } from '../shared/PastFindings'
import { StepList } from '../shared/StepList'
import { WorkError } from '../shared/WorkError'
import { TrailPanel } from '../decase/TrailPanel'
import { BackGrip } from './BackGrip'
import { BackTightness } from './BackTightness'
import { HolderNote } from './HolderNote'
import type { StageWorkProps } from '../StageWorkProps'

/** How this very back is opened: what grips it, set in figures, its steps, how tight it was, what came off. */
export function OpeningPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { sheet } = view
  const [error, setError] = useState<string | null>(null)
  const keep = (chord: string) => {
    void bench.change(actions.keepNotchCircle({ trayId: view.tray.id, chord })).then(setError)
  }
  const steps = new Set(view.job.procedure.steps.map((step) => step.id))
  if (!opensBack(view.job.procedure)) {
    return (
      <Box component="section" aria-label="Opening">
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          Open: the back stays closed for this job
        </Typography>
        <StepList bench={bench} actions={actions} stage="open" />
        <RemovalPanels bench={bench} actions={actions} stage="open" />
        {steps.has('insert-soak') && <MethodsPanel bench={bench} actions={actions} />}
        <TrailPanel bench={bench} actions={actions} stage="open" />
      </Box>
    )
  }
  return (
    <Box component="section" aria-label="Opening">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        Open: {sheet.backKind ? `${sheet.backKind.replaceAll('-', ' ')} back` : 'back not known yet'}
      </Typography>
      <BackGrip
        view={view}
        chordCircleMm={bench.triedCircleMm}
        onChordCircle={bench.tryCircle}
        onKeep={view.tray.finishedAt === null ? keep : null}
      />
      <WorkError text={error} />
      <HolderNote view={view} />
      <PastFindings found={view.pastFindings} />
      <StepList bench={bench} actions={actions} stage="open" />
      <RemovalPanels bench={bench} actions={actions} stage="open" />
      {steps.has('insert-soak') && <MethodsPanel bench={bench} actions={actions} />}
      <BackTightness bench={bench} actions={actions} />
      <Findings
        bench={bench}
        actions={actions}
        kind="thread"
        label="In thread or lip"
        help="as “green crust at 6, two turns of thread worn”"
      />
      <TrailPanel bench={bench} actions={actions} stage="open" />
    </Box>
  )
}
