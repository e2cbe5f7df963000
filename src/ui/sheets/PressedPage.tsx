'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { PressedPage as Pressed } from '@/services/sheets/pressedPage'
import { PageFrame } from '../shell/PageFrame'
import { RuledLines } from '../small/RuledLines'
import { PressStatisticsPanel } from './PressStatisticsPanel'

/** What the shop's presses did on every case, and how each of them leans. */
export function PressedPage({ page }: { readonly page: Pressed }) {
  const { statistics, presses } = page
  const { runs, good } = statistics
  return (
    <PageFrame
      title="At the press"
      subtitle={runs === 0 ? 'nothing logged yet' : `${good} of ${runs} logged presses went well`}
      actions={<Link href="/sheets">Back to the case sheets</Link>}
    >
      <Typography variant="h2" component="h2" sx={{ mt: 1, mb: 0.5 }}>
        How each press leans
      </Typography>
      <Box sx={{ maxWidth: 720 }}>
        <RuledLines lines={presses.map(({ name, lean }) => ({ what: name, end: lean, marked: false }))} />
      </Box>
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 0.5 }}>
        What was logged
      </Typography>
      {runs === 0 ? (
        <Typography sx={{ color: 'text.secondary' }}>
          Nothing yet. Every press that is logged on a tray counts here: what failed and why, how often each
          die was used, and what force each kind of ring asked.
        </Typography>
      ) : (
        <PressStatisticsPanel statistics={statistics} />
      )}
    </PageFrame>
  )
}
