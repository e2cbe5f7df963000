import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import type { RingReading } from '@/core/ring-picture/readRing'
import { poorlySeen, turnsPossible } from '@/core/ring-picture/turnsPossible'
import { degreesText } from '@/core/straight/degreesText'
import { offCentreMm } from '@/core/straight/Displacement'
import { turnText } from '@/core/straight/judgeStraight'
import type { ByPicture } from '@/core/straight/StraightLook'
import { formatMm } from '@/core/units/formatMm'

/** So many standard uncertainties are told: they hold 95 %. */
const TOLD = 2

interface RingResultProps {
  readonly reading: RingReading
  readonly told: ByPicture
  readonly isOfTwo: boolean
  /** the turn that was said to be it, where the picture does not know; null while nobody did */
  readonly said: number | null
  readonly onSay: (turnedDeg: number) => void
}

/** What the picture says: turned and off-centre, each with what it may be off by, and what it cannot tell. */
export function RingResult({ reading, told, isOfTwo, said, onSay }: RingResultProps) {
  const possible = turnsPossible(reading)
  const poor = poorlySeen(reading)
  return (
    <Box role="status" aria-label="What the picture says">
      <Typography sx={{ fontSize: '1.5rem', fontWeight: 700, lineHeight: 1.2 }}>
        {possible.length > 1 && said === null
          ? 'Turned, but by how many ticks?'
          : `Turned ${turnText(told.turnedDeg)}`}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        <span className="figure">±{degreesText(TOLD * told.turnUncertaintyDeg)}</span>; off-centre{' '}
        <span className="figure">
          {formatMm(offCentreMm(told))} ±{formatMm(TOLD * told.centreUncertaintyMm)}
        </span>
        {isOfTwo ? ', by two pictures' : ': depth under a tilted camera is in it'}
      </Typography>
      {possible.length > 1 && (
        <Box sx={{ mt: 1 }}>
          <Typography sx={{ fontSize: 14.5 }}>
            {reading.known === 'five-minutes'
              ? 'The 12 mark is not seen on both: known but for a multiple of 30°. Which is it?'
              : 'Known but for a multiple of 6°: nothing tells one tick from the next. Which is it?'}
          </Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={said}
            aria-label="How far it is turned"
            onChange={(_, value: number | null) => value !== null && onSay(value)}
            sx={{ mt: 0.5, flexWrap: 'wrap' }}
          >
            {possible.map((deg) => (
              <ToggleButton key={deg} value={deg} sx={{ minHeight: 44 }}>
                {degreesText(deg)}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      )}
      {poor && (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {poor}
        </Alert>
      )}
    </Box>
  )
}
