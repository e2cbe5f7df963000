'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { formatMm } from '@/core/units/formatMm'
import type { PressRunView } from '@/services/tray/pressRunView'
import { RunCurve } from './live/RunCurve'

/** What a run was done with, in words. */
function toolsText({ press, pusher, support, quarterTurns, leftHour }: PressRunView): string {
  if (press === null) return 'by hand'
  return `${press.toLowerCase()}, pusher ${pusher ?? '?'}, support ${support ?? '?'}, ${quarterTurns} quarter turns${leftHour === null ? '' : `, ${leftHour} at the left`}`
}

/** Every run of this tray, with what its press's cell sent. */
export function PressRuns({ runs }: { readonly runs: readonly PressRunView[] }) {
  const [open, setOpen] = useState<number | null>(null)
  if (runs.length === 0) return null
  return (
    <Box sx={{ mt: 1, borderTop: 1, borderColor: 'divider', pt: 0.5 }}>
      <Typography variant="h3" component="h3">
        Runs on this tray
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.2, fontSize: 14 }}>
        {runs.map((run) => (
          <li key={run.id}>
            <strong>{run.outcome.replaceAll('-', ' ')}</strong>: {toolsText(run)}
            {run.feel !== null && `, felt ${run.feel}`}
            {run.cause !== null && `, put down to ${run.cause === 'unknown' ? 'nothing known' : run.cause}`}
            {run.slideForceN !== null && `, slid at ${run.slideForceN} N`}
            {run.peakForceN !== null && `, at most ${run.peakForceN} N`}
            {run.travelMm !== null && `, travel ${formatMm(run.travelMm)}`}
            {run.cell === 'simulated' && ', simulated cell'}
            {run.note && `. ${run.note}`}
            {run.hasTrace && (
              <Button
                size="small"
                aria-expanded={open === run.id}
                onClick={() => setOpen(open === run.id ? null : run.id)}
              >
                {run.verdict === null ? 'curve' : `curve: ${run.verdict.replaceAll('-', ' ')}`}
              </Button>
            )}
            {open === run.id && <RunCurve runId={run.id} />}
          </li>
        ))}
      </Box>
    </Box>
  )
}
