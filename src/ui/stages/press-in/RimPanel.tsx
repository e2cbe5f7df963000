'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useEffect, useRef } from 'react'
import { capital } from '@/core/units/capital'
import type { TrayBenchState } from '../../tray/useTrayBench'
import { HeightsPanel } from '../level/HeightsPanel'

/** Is it level? The rim's heights after the last push, what they say, and how to lay the case for the next. */
export function RimPanel({ bench }: { readonly bench: TrayBenchState }) {
  const { rim } = bench.state.view
  const panel = useRef<HTMLElement>(null)
  const seen = useRef(rim?.pass)
  // After a push the rim comes next: what is above the log it was sent from is brought into sight.
  useEffect(() => {
    if (rim && rim.pass !== seen.current) panel.current?.scrollIntoView({ block: 'nearest' })
    seen.current = rim?.pass
  }, [rim])
  if (!rim) return null
  const { standing, before, lay } = rim
  return (
    <HeightsPanel
      bench={bench}
      view={rim}
      ref={panel}
      label="Level"
      what="Rim"
      title={`Level after push ${rim.pass}`}
      toBegin="Read the rim’s height round the case, or look it over by eye below"
      beside={before ? `after the push before: ${before.words}` : ''}
    >
      {standing?.because && !lay && <Typography sx={{ mt: 0.5 }}>{standing.because}</Typography>}
      {lay && (
        <Typography sx={{ mt: 0.5 }}>
          <strong>{lay.action}.</strong>{' '}
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {capital(lay.why)}.
          </Box>
        </Typography>
      )}
    </HeightsPanel>
  )
}
