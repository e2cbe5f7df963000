import Box from '@mui/material/Box'
import type { TrayView } from '@/services/tray/trayView'
import { sinceText } from '../../small/timeText'
import { useTimes } from '../../small/useTimes'

/** How long the movement has lain open and whether it is covered; nothing while it is cased. */
export function MovementNote({ view }: { view: TrayView }) {
  const { clockText } = useTimes()
  const { movementOpenSince, coveredSince } = view.job.trail
  if (movementOpenSince === null) return null
  const covered = coveredSince !== null
  return (
    <Box
      data-testid="movement-note"
      suppressHydrationWarning
      sx={{
        fontSize: 14,
        color: covered ? 'text.secondary' : 'warning.main',
        fontWeight: covered ? 400 : 650,
      }}
    >
      Movement out since {clockText(movementOpenSince)} ({sinceText(movementOpenSince)}),{' '}
      {coveredSince !== null
        ? `under the cover since ${clockText(coveredSince)}`
        : 'NOT under the dust cover yet'}
    </Box>
  )
}
