import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { capital } from '@/core/units/capital'
import type { ClosingView } from '@/services/tray/closingView'
import { Caution } from '../../small/Caution'
import { TurnDial } from './TurnDial'

const FROM = {
  out: 'out of the drawers for this tray',
  proposed: 'proposed, not taken out yet',
  own: 'as it was read',
} as const

/** How a screwed back is brought home: by torque, and by angle where no tool shows a torque. */
export function ClosingPanel({ closing, sheetId }: { closing: ClosingView | null; sheetId: number }) {
  if (!closing) return null
  const { home, measure, troubles, basis } = closing
  return (
    <Box component="section" aria-label="Screwing the back home" sx={{ mt: 2.5 }}>
      <Typography variant="h2" component="h2">
        Screwing the back home
      </Typography>
      {home && (
        <>
          <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
            On {home.ring}, {FROM[home.from]}.
          </Typography>
          <Box sx={{ display: 'flex', gap: 2.5, alignItems: 'center', flexWrap: 'wrap', my: 1 }}>
            <TurnDial {...home} />
            <Box
              component="dl"
              sx={{
                display: 'grid',
                gridTemplateColumns: 'auto 1fr',
                columnGap: 2,
                rowGap: 0.5,
                m: 0,
                fontSize: 15,
                flex: '1 1 320px',
                '& dt': { color: 'text.secondary' },
                '& dd': { m: 0 },
              }}
            >
              {home.lines.map(({ what, is }) => (
                <Box key={what} sx={{ display: 'contents' }}>
                  <dt>{what}</dt>
                  <dd>{is}</dd>
                </Box>
              ))}
            </Box>
          </Box>
          <Typography sx={{ fontSize: 13.5, color: 'text.secondary' }}>
            {'The dot is the ring’s first touch, the broad stretch is where fingers stop, the square is metal on metal. ' +
              'If it goes on turning past it, or grates, take it off again: ring or thread. '}
            {basis}
          </Typography>
        </>
      )}
      {measure.length > 0 && (
        <Typography sx={{ fontSize: 14.5 }}>
          <strong>Read first</strong>: {measure.map((label) => label.toLowerCase()).join(', ')}. Then torque
          and angle can be said. Once read here, <Link href={`/sheets/${sheetId}`}>the sheet</Link> knows it.
        </Typography>
      )}
      {troubles.map((trouble) => (
        <Typography key={trouble} sx={{ fontSize: 14.5, color: 'warning.main' }}>
          {capital(trouble)}
        </Typography>
      ))}
      <Caution text="Case in a holder, pegs clear of crown and pushers. By hand first: crossed threads are felt by hand and not by a wrench." />
    </Box>
  )
}
