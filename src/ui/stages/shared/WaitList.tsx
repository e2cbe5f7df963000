'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { waitBeforeText } from '@/core/waits/WaitBefore'
import { minutesLeft, openWaits, waitSubject } from '@/core/waits/waits'
import { useNow } from '../../small/useNow'
import { NoticesButton } from '../../waits/NoticesButton'
import { useWaitAlarm } from '../../waits/useWaitAlarm'
import { WaitClock } from '../../waits/WaitClock'
import type { StageWorkProps } from '../StageWorkProps'
import { LeaveOut } from './LeaveOut'
import { WorkError } from './WorkError'
import { useErrorAt } from './useErrorAt'

const LOOK_EVERY_MS = 5000

/** What cures, soaks or runs on this tray, whatever the stage: each with its clock, and a word that it is over. */
export function WaitList({ bench, actions }: StageWorkProps) {
  const [error, setError] = useErrorAt(bench.state.view)
  const now = useNow(LOOK_EVERY_MS)
  const { view, stage } = bench.state
  const { waits: begun } = view.job
  useWaitAlarm(openWaits(begun))
  // What was cut short is told where it belongs; what runs, everywhere.
  const waits = begun.filter((wait) => wait.cutShort === null || wait.stage === stage)
  if (waits.length === 0 || view.tray.finishedAt !== null) return null
  const trayId = view.tray.id
  const beforeText = (step: string) => {
    const before = view.job.waitsBefore[step]
    return before ? ` (${waitBeforeText(before)})` : ''
  }
  const over = (step: string) =>
    void bench.change(actions.tickTray({ trayId, subject: waitSubject(step), done: true })).then(setError)
  return (
    <Box
      component="section"
      aria-label="Waits"
      sx={{
        mb: 1,
        borderLeft: 4,
        borderColor: 'warning.main',
        pl: 1.25,
        // What runs by itself stays in sight, however far down the work is.
        position: 'sticky',
        top: -8,
        zIndex: 2,
        bgcolor: 'background.default',
      }}
    >
      {waits.map((wait) => (
        <Box
          key={wait.step}
          sx={{ display: 'flex', alignItems: 'center', columnGap: 1.5, flexWrap: 'wrap', minHeight: 40 }}
        >
          <Typography sx={{ flex: '1 1 260px', lineHeight: 1.3 }}>
            <strong>{wait.title}:</strong>{' '}
            {wait.cutShort === null ? <WaitClock wait={wait} /> : `wait cut short: ${wait.cutShort}`}
            {wait.cutShort === null && beforeText(wait.step)}
          </Typography>
          {wait.cutShort === null && minutesLeft(wait, now) === 0 ? (
            <Button size="small" variant="outlined" onClick={() => over(wait.step)}>
              It is over
            </Button>
          ) : (
            <LeaveOut
              way="cut-short"
              what={`the wait after “${wait.title}”`}
              leftOut={wait.cutShort}
              onAsk={bench.setAtDialog}
              onReason={(reason) =>
                bench.change(actions.leaveOut({ trayId, subject: waitSubject(wait.step), reason }))
              }
            />
          )}
        </Box>
      ))}
      <NoticesButton />
      <WorkError text={error} />
    </Box>
  )
}
