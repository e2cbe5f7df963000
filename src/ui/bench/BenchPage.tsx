'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { usePageKeys } from '../keys/usePageKeys'
import { textIn } from '@/core/units/shopTime'
import { stageLabel } from '@/core/stages/stages'
import type { BenchView } from '@/services/bench/benchView'
import { isAtRest } from '../keys/isAtRest'
import { PageFrame } from '../shell/PageFrame'
import { useTimes } from '../small/useTimes'
import { KeyCap } from '../small/KeyCap'
import { BenchLine } from './BenchLine'
import { FirstSteps } from './FirstSteps'
import { RunningWaits } from './RunningWaits'
import { StageBoard } from './StageBoard'

/** Today: what to take now, every tray in hand with what to do next, and where they stand. */
export function BenchPage({ view }: { view: BenchView }) {
  const { clockText, zone } = useTimes()
  const { trays, unreadable, dueToday, instrumentsDue, instrumentsOff, inUse } = view
  return (
    <PageFrame
      title="Bench"
      subtitle={
        <span suppressHydrationWarning>
          {textIn(zone, new Date(), 'EEEE d MMMM')}, {trays.length + unreadable.length} trays in hand,{' '}
          {dueToday} due today
        </span>
      }
      actions={
        <Button component={Link} href="/trays/new" variant="outlined">
          New tray <KeyCap name="N" />
        </Button>
      }
    >
      <DoNow first={view.first} newShop={view.newShop} />
      {inUse.map(({ process, trayNumber, since }) => (
        <Typography key={trayNumber} sx={{ color: 'warning.main', mt: 1 }} suppressHydrationWarning>
          In use: {process} on{' '}
          <Link href={`/trays/${trayNumber}`} style={{ color: 'inherit' }}>
            tray {trayNumber}
          </Link>{' '}
          since {clockText(since)}.{' '}
          {process === 'acetone bath' ? 'No flame anywhere until its lid is on.' : ''}
        </Typography>
      ))}
      <RunningWaits trays={trays} />
      {unreadable.map(({ number, caseName, trouble }) => (
        <Typography key={number} role="alert" sx={{ color: 'error.main', mt: 1 }}>
          <Link href={`/trays/${number}`} style={{ color: 'inherit' }}>
            Tray {number}
          </Link>{' '}
          ({caseName}) cannot be shown. {trouble}
        </Typography>
      ))}
      {instrumentsOff.map((text) => (
        <Typography key={text} sx={{ mt: 1, color: 'error.main', fontWeight: 700 }}>
          {text}: its figures are asked about until it is set right.
        </Typography>
      ))}
      {instrumentsDue.length > 0 && (
        <Typography sx={{ color: 'warning.main', mt: 1 }}>
          Calibration overdue: {instrumentsDue.join(', ')}. Readings still count, and say so.
        </Typography>
      )}
      {trays.length > 0 && (
        <>
          <Typography variant="h2" component="h2" sx={{ mt: 2.5, mb: 0.5 }}>
            In hand, by due time
          </Typography>
          <Box role="table" aria-label="Trays in hand">
            {trays.map((tray) => (
              <BenchLine key={tray.number} tray={tray} />
            ))}
          </Box>
          <Typography variant="h2" component="h2" sx={{ mt: 2.5, mb: 0.5 }}>
            Where they stand
          </Typography>
          <StageBoard trays={trays} />
        </>
      )}
    </PageFrame>
  )
}

function DoNow({ first, newShop }: Pick<BenchView, 'first' | 'newShop'>) {
  const { dueText } = useTimes()
  const router = useRouter()
  const href = first ? `/trays/${first.tray.number}` : '/trays/new'
  usePageKeys('enter', (event) => {
    // Enter on a link or button is theirs.
    if (isAtRest(event.target)) router.push(href)
  })
  if (newShop) return <FirstSteps {...newShop} />
  if (!first) {
    return (
      <Box>
        <Typography sx={{ fontSize: '1.5rem', fontWeight: 700 }}>The bench is clear.</Typography>
        <Typography sx={{ mb: 1.5, color: 'text.secondary' }}>
          Open a tray for the next case that comes in. Case sheets, crystals, gaskets and dies wait under
          their places on the left.
        </Typography>
        <Button component={Link} href={href} variant="contained">
          New tray
        </Button>
      </Box>
    )
  }
  const { tray, because } = first
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '1fr auto' },
        gap: 2,
        alignItems: 'center',
        borderTop: 3,
        borderBottom: 1,
        borderColor: 'primary.main',
        borderBottomColor: 'divider',
        py: 1.5,
      }}
    >
      <Box>
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Do now, because {because}
        </Typography>
        <Typography sx={{ fontSize: '1.75rem', fontWeight: 700, lineHeight: 1.2 }}>
          Tray {tray.number}, {stageLabel(tray.stage).toLowerCase()}
        </Typography>
        <Typography sx={{ fontSize: '1.1rem' }}>
          {tray.next}
          {tray.known && ` (${tray.known})`}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }} suppressHydrationWarning>
          {tray.caseName}, {tray.owner}, due {dueText(tray.dueAt)}
        </Typography>
      </Box>
      <Button component={Link} href={href} variant="contained" sx={{ minHeight: 52 }}>
        Open tray {tray.number} <KeyCap name="Enter" />
      </Button>
    </Box>
  )
}
