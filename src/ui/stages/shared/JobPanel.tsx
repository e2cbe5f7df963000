'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { stageSettles } from '@/core/stages/stageSettles'
import type { StageId } from '@/core/stages/stages'
import { stageLabel } from '@/core/stages/stages'
import type { StageWorkProps } from '../StageWorkProps'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { MovementNote } from '../decase/MovementNote'
import { RemovalChooser } from '../push-out/RemovalChooser'
import { ReplayPanel } from '../close/ReplayPanel'
import { StepList } from './StepList'
import { TrailPanel } from '../decase/TrailPanel'

const TAKES_OFF: readonly StageId[] = ['decase', 'push-out']
const PUTS_BACK: readonly StageId[] = ['close', 'prove', 'hand-back']
const USES_METHODS: readonly StageId[] = ['push-out', 'clean']

/** The steps of a stage and, where it has them, parts coming off or going back, and methods that can harm. */
export function JobPanel({ bench, actions, stage }: StageWorkProps & { stage: StageId }) {
  const { view } = bench.state
  return (
    <Box component="section" aria-label={stageLabel(stage)}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
        <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
          {stageLabel(stage)}
        </Typography>
        <MovementNote view={view} />
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{stageSettles(stage)}</Typography>
      <StepList bench={bench} actions={actions} stage={stage} />
      {stage === 'push-out' && <RemovalChooser view={view} />}
      {USES_METHODS.includes(stage) && <MethodsPanel bench={bench} actions={actions} />}
      {TAKES_OFF.includes(stage) && <TrailPanel bench={bench} actions={actions} stage={stage} />}
      {PUTS_BACK.includes(stage) && <ReplayPanel bench={bench} actions={actions} />}
    </Box>
  )
}
