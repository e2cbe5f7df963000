import Typography from '@mui/material/Typography'
import type { TrayView } from '@/services/tray/trayView'

/** Where the holder's pegs stand, clear of crown and pushers. */
export function HolderNote({ view }: { view: TrayView }) {
  const { pegs } = view.job
  if (view.sheet.backKind === 'one-piece-front-loader' || view.sheet.backKind === null) return null
  const hours = pegs.pegsDeg.map((deg) => hourText(deg)).join(', ')
  return (
    <Typography sx={{ mt: 0.75, fontSize: 14.5, color: pegs.clears ? 'text.secondary' : 'warning.main' }}>
      {pegs.clears
        ? `Holder pegs at ${hours}, as read on the dial: ${Math.round(pegs.clearDeg)}° clear of crown and pushers.`
        : 'Four pegs cannot clear crown and pushers here: use two pegs between the lugs, or jaws at the lugs.'}
    </Typography>
  )
}

/** “half past 1” for 45 degrees: the clock face is what is on the bench. */
function hourText(deg: number): string {
  const hour = deg / 30
  const whole = Math.floor(hour) === 0 ? 12 : Math.floor(hour)
  const minutes = Math.round((hour - Math.floor(hour)) * 60)
  return minutes === 0 ? `${whole}` : `${whole}:${String(minutes).padStart(2, '0')}`
}
