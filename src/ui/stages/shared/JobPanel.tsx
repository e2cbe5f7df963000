'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { StageId } from '@/core/stages/stages'
import { stageOf } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { MovementNote } from '../decase/MovementNote'
import { RemovalChooser } from '../push-out/RemovalChooser'
import { ReplayPanel } from '../close/ReplayPanel'
import { OwnPartsPanel } from './OwnPartsPanel'
import { StepList } from './StepList'
import { TrailPanel } from '../decase/TrailPanel'

/** The steps of a stage and, where it has them, parts coming off or going back, and methods that can harm. */
export function JobPanel({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { view } = bench.state
  const { label, settles, shows } = stageOf(stage)
  return (
    <Box component="section" aria-label={label}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          {label}
        </Typography>
        <MovementNote view={view} />
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{settles}</Typography>
      <StepList bench={bench} actions={actions} stage={stage} />
      {shows.includes('own-parts') && <OwnPartsPanel bench={bench} actions={actions} />}
      {shows.includes('removal') && <RemovalChooser view={view} />}
      {shows.includes('methods') && <MethodsPanel bench={bench} actions={actions} />}
      {shows.includes('parts-off') && <TrailPanel bench={bench} actions={actions} stage={stage} />}
      {shows.includes('parts-back') && <ReplayPanel bench={bench} actions={actions} />}
    </Box>
  )
}
