import Typography from '@mui/material/Typography'
import type { LastTime } from '@/services/tray/lastTime'
import { useTimes } from '../../small/useTimes'

/** How the last pressing on this case sheet went, with everything needed to do it again. */
export function LastTimeNote({ last }: { last: LastTime }) {
  const { dayText } = useTimes()
  return (
    <Typography
      data-testid="last-time"
      suppressHydrationWarning
      sx={{ mt: 0.75, pl: 1.25, borderLeft: 3, borderColor: 'primary.main', fontSize: 14.5 }}
    >
      <strong>Last time</strong> (tray {last.trayNumber}, {dayText(last.ranAt)}): {last.crystal}
      {last.gasket !== null && ` with ${last.gasket}`}
      {last.press === null
        ? ', by hand'
        : `, pusher ${last.pusher ?? '?'}, ${last.press.toLowerCase()}, ${last.quarterTurns} quarter turns`}
      {last.peakForceN !== null && `, ${last.peakForceN} N`}; went home. {last.runsHome} of {last.runs} runs
      on this sheet did.
      {last.note && ` Note: ${last.note}`}
    </Typography>
  )
}
