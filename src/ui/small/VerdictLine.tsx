import Typography from '@mui/material/Typography'
import { capital } from '@/core/units/capital'

interface VerdictLineProps {
  /** null while there is none yet */
  readonly isGood: boolean | null
  readonly words: string
}

/** What was found of something, in one large line: seen from arm’s length, good or not. */
export function VerdictLine({ isGood, words }: VerdictLineProps) {
  return (
    <Typography
      role="status"
      sx={{
        fontSize: isGood === null ? '1.15rem' : '1.35rem',
        fontWeight: 700,
        lineHeight: 1.2,
        my: 0.5,
        color: isGood === null ? 'text.primary' : isGood ? 'success.main' : 'warning.main',
      }}
    >
      {isGood ? '✓ ' : ''}
      {capital(words)}
    </Typography>
  )
}
