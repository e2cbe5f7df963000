'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { stageLabel } from '@/core/stages/stages'
import { mayBeLeftOut, openOf } from '@/core/stages/StageState'
import type { StageWorkProps } from '../StageWorkProps'
import { LeaveOut } from './LeaveOut'

/** What is open on stages behind this one: each done there, or left out for a reason. */
export function OpenList({ bench, actions }: StageWorkProps) {
  const { view, stage: here } = bench.state
  const behind = view.job.stages.filter(({ stage }) => stage !== here)
  const open = behind.flatMap((state) => openOf(state).map((demand) => ({ stage: state.stage, ...demand })))
  if (open.length === 0 || view.tray.finishedAt !== null) return null
  return (
    <Box component="section" aria-label="Still open" sx={{ mt: 0.5, mb: 1 }}>
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        Still open
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        Each is done at its stage, or left out for a reason that stays on record.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 0.5, p: 0 }}>
        {open.map(({ stage, subject, open: words }, index) => (
          <Box
            component="li"
            key={`${stage} ${subject}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: '88px minmax(0,1fr) auto',
              alignItems: 'center',
              columnGap: 1,
              borderTop: 1,
              borderColor: 'divider',
            }}
          >
            {open[index - 1]?.stage === stage ? (
              <span />
            ) : (
              <Button
                size="small"
                onClick={() => bench.showStage(stage)}
                sx={{ minHeight: 32, px: 0, justifyContent: 'flex-start' }}
              >
                {stageLabel(stage)}
              </Button>
            )}
            <Box component="span" sx={{ fontSize: 15, lineHeight: 1.25 }}>
              {words}
            </Box>
            {mayBeLeftOut({ subject }) && (
              <LeaveOut
                what={words}
                leftOut={null}
                onAsk={bench.setAtDialog}
                onReason={(reason) =>
                  bench.change(actions.leaveOut({ trayId: view.tray.id, subject, reason }))
                }
              />
            )}
          </Box>
        ))}
      </Box>
    </Box>
  )
}
