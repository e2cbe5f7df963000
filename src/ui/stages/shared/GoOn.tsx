import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { stepsOf } from '@/core/procedure/procedure'
import { stageOf } from '@/core/stages/stages'
import { KeyCap } from '../../small/KeyCap'
import type { StageWorkProps } from '../StageWorkProps'
import { ReopenNote } from './ReopenNote'
import { WorkError } from './WorkError'

/** Marks the stage done; on the last one, hands the tray back. */
export function GoOn({ bench, actions }: StageWorkProps) {
  const { stage, view, busy } = bench.state
  if (view.tray.finishedAt !== null) return <ReopenNote bench={bench} actions={actions} />
  const steps = stepsOf(view.job.procedure, stage)
  const ticked = steps.filter((step) => view.job.ticks[`step:${step.id}`] !== undefined).length
  const refused = bench.moveError?.stage === stage ? bench.moveError.text : null
  return (
    <Box
      sx={{
        position: 'sticky',
        bottom: -12,
        bgcolor: 'background.default',
        mt: 1,
        pt: 1,
        pb: 1.5,
        zIndex: 2,
      }}
    >
      <WorkError text={refused} />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 0.5 }}>
        <Button variant="contained" onClick={bench.moveOn} disabled={busy}>
          {stageOf(stage).done} <KeyCap name="D" />
        </Button>
        {ticked < steps.length && stage !== 'measure' && (
          <Typography sx={{ fontSize: 14, color: 'warning.main' }}>
            {ticked} of {steps.length} steps ticked
          </Typography>
        )}
      </Box>
    </Box>
  )
}
