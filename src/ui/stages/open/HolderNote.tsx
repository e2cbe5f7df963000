import Typography from '@mui/material/Typography'
import { hasOwnBack } from '@/core/opening/backKinds'
import type { TrayView } from '@/services/tray/trayView'

/** Where the holder's pegs stand, clear of crown and pushers. */
export function HolderNote({ view }: { view: TrayView }) {
  const { pegs } = view.job
  if (!hasOwnBack(view.sheet.backKind) || view.sheet.backKind === null) return null
  const hours = pegs.pegsDeg.map((deg) => hourText(deg)).join(', ')
  const clear = `as read on the dial: ${Math.round(pegs.clearDeg)}° clear of crown and pushers`
  return (
    <Typography
      sx={{ mt: 0.75, fontSize: 14.5, color: pegs.pegsDeg.length === 4 ? 'text.secondary' : 'warning.main' }}
    >
      {WORDS[pegs.pegsDeg.length]?.(hours, clear) ?? NO_PEGS}
    </Typography>
  )
}

const NO_PEGS = 'No pegs clear crown and pushers here: jaws at the lugs.'
/** By how many pegs there are room for. */
const WORDS: Readonly<Record<number, (hours: string, clear: string) => string>> = {
  4: (hours, clear) => `Holder pegs at ${hours}, ${clear}.`,
  2: (hours, clear) =>
    `Four holder pegs cannot clear crown and pushers here. Two pegs at ${hours}, ${clear}; or jaws at the lugs.`,
}

/** “half past 1” for 45 degrees: the clock face is what is on the bench. */
function hourText(deg: number): string {
  const hour = deg / 30
  const whole = Math.floor(hour) === 0 ? 12 : Math.floor(hour)
  const minutes = Math.round((hour - Math.floor(hour)) * 60)
  return minutes === 0 ? `${whole}` : `${whole}:${String(minutes).padStart(2, '0')}`
}
