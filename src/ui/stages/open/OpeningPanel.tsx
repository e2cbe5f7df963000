'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { opensBack } from '@/core/procedure/opensBack'
import { BackDrawing } from '../../section/BackDrawing'
import { Findings } from '../intake/Findings'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { StepList } from '../shared/StepList'
import { WorkError } from '../shared/WorkError'
import { TrailPanel } from '../decase/TrailPanel'
import { BackGrip } from './BackGrip'
import { ASSUMED_CASE_MM, keepClearOf, ringOf } from './backRing'
import { BackTightness } from './BackTightness'
import { HolderNote } from './HolderNote'
import type { StageWorkProps } from '../StageWorkProps'

/** How this very back is opened: what grips it, drawn to scale, its steps, how tight it was, what came off. */
export function OpeningPanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const { sheet } = view
  const [chordCircleMm, setChordCircleMm] = useState<number | null>(null)
  const [error, setError] = useState<string | null>(null)
  const keep = (chord: string) => {
    void bench.change(actions.keepNotchCircle({ trayId: view.tray.id, chord })).then(setError)
  }
  const ring = ringOf(view, chordCircleMm)
  const steps = new Set(view.job.procedure.steps.map((step) => step.id))
  if (!opensBack(view.job.procedure)) {
    return (
      <Box component="section" aria-label="Opening">
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          Open: the back stays closed for this job
        </Typography>
        <StepList bench={bench} actions={actions} stage="open" />
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
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 220px' },
          columnGap: 2,
          mt: 0.5,
        }}
      >
        <Box>
          <BackGrip
            view={view}
            chordCircleMm={chordCircleMm}
            onChordCircle={setChordCircleMm}
            onKeep={view.tray.finishedAt === null ? keep : null}
          />
          <WorkError text={error} />
          <HolderNote view={view} />
        </Box>
        {sheet.backKind !== 'one-piece-front-loader' && (
          <BackDrawing
            ring={ring}
            caseDiameterMm={sheet.caseDiameterMm ?? ASSUMED_CASE_MM}
            keepClearHours={keepClearOf(sheet)}
            pegsDeg={view.job.pegs.pegsDeg}
          />
        )}
      </Box>
      <StepList bench={bench} actions={actions} stage="open" />
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
