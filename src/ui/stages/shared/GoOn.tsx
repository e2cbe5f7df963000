import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import type { StandingDemand } from '@/core/stages/StageState'
import { isOfStep, openOf } from '@/core/stages/StageState'
import { stageOf } from '@/core/stages/stages'
import { KeyCap } from '../../small/KeyCap'
import type { StageWorkProps } from '../StageWorkProps'
import { LeaveOut } from './LeaveOut'
import { ReopenNote } from './ReopenNote'
import { WorkError } from './WorkError'

/** Says the stage done, with what is open and what was left out; on the last one, hands the tray back. */
export function GoOn({ bench, actions }: StageWorkProps) {
  const { stage, view, busy } = bench.state
  if (view.tray.finishedAt !== null) return <ReopenNote bench={bench} actions={actions} />
  const { demands } = view.job.stages.find((one) => one.stage === stage) ?? { demands: [] }
  const refused = bench.moveError?.stage === stage ? bench.moveError.text : null
  // Steps stand in their own list, with what was left out of them.
  const others = demands.filter((demand) => !isOfStep(demand))
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
      {others.map(
        ({ subject, open, leftOut }) =>
          leftOut && (
            <Typography key={subject} sx={{ fontSize: 14, color: 'text.secondary' }}>
              {open}, left out: {leftOut.reason}{' '}
              <LeaveOut
                what={open}
                leftOut={leftOut.reason}
                onAsk={bench.setAtDialog}
                onReason={(reason) =>
                  bench.change(actions.leaveOut({ trayId: view.tray.id, subject, reason }))
                }
              />
            </Typography>
          ),
      )}
      <WorkError text={refused} />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 0.5 }}>
        <Button
          variant="contained"
          onClick={bench.moveOn}
          disabled={busy}
          sx={{ whiteSpace: 'nowrap', flexShrink: 0 }}
        >
          {stageOf(stage).done} <KeyCap name="D" />
        </Button>
        <Typography sx={{ fontSize: 14, color: 'warning.main' }}>{openWords(openOf({ demands }))}</Typography>
      </Box>
    </Box>
  )
}

/** “2 open: 1 reading of seat depth missing”. */
function openWords(open: readonly StandingDemand[]): string {
  if (open.length === 0) return ''
  const unlisted = open.filter((demand) => !isOfStep(demand)).map((demand) => demand.open)
  return [`${open.length} open`, ...(unlisted.length > 0 ? [unlisted.join('; ')] : [])].join(': ')
}
