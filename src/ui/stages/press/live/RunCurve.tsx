'use client'
import Box from '@mui/material/Box'
import Link from '@mui/material/Link'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useEffect, useState } from 'react'
import type { TraceView } from '@/services/tray/pressTraces'
import { PressChart } from './PressChart'

/** Parts of a run that are looked at closely. */
const PARTS = ['all', 'slide', 'home'] as const
type Part = (typeof PARTS)[number]

/** Room on either side of a part, mm. */
const AROUND_MM = 0.06

/** The readings of a run that was logged, with what they say; a part of it closer. */
export function RunCurve({ runId }: { readonly runId: number }) {
  const [view, setView] = useState<TraceView | null>(null)
  const [wrong, setWrong] = useState(false)
  const [part, setPart] = useState<Part>('all')
  useEffect(() => {
    const leaving = new AbortController()
    fetch(`/api/press-runs/${runId}`, { signal: leaving.signal })
      .then(async (answer) => {
        if (answer.ok) setView((await answer.json()) as TraceView)
        else setWrong(true)
      })
      .catch(() => {
        if (!leaving.signal.aborted) setWrong(true)
      })
    return () => leaving.abort()
  }, [runId])
  if (wrong)
    return (
      <Typography sx={{ color: 'error.main' }}>
        Its readings could not be fetched. Close it and open it again.
      </Typography>
    )
  if (!view) return <Typography sx={{ color: 'text.secondary' }}>Fetching its readings…</Typography>
  const { reading, points, source, trouble, readThen } = view
  return (
    <Box>
      <PressChart rows={points} reading={reading} envelope={null} expected={null} zoom={zoomOf(part, view)} />
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 2 }}>
        {reading && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={part}
            aria-label="Part of the run"
            onChange={(_, chosen: Part | null) => chosen && setPart(chosen)}
          >
            {PARTS.map((each) => (
              <ToggleButton key={each} value={each} sx={{ minHeight: 40 }}>
                {each}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
        <Link href={`/api/press-runs/${runId}?format=csv`}>Readings as CSV</Link>
      </Box>
      <Typography sx={{ mt: 0.5 }}>
        {reading?.because}
        {source === 'simulated' && ' A simulated cell: no press was moving.'}
      </Typography>
      {reading && readThen !== null && readThen !== reading.verdict && (
        <Typography sx={{ color: 'warning.main' }}>
          When it was logged it was read as {readThen.replaceAll('-', ' ')}; by the limits of today it reads
          as {reading.verdict.replaceAll('-', ' ')}.
        </Typography>
      )}
      {trouble !== null && <Typography sx={{ color: 'error.main' }}>{trouble}</Typography>}
    </Box>
  )
}

function zoomOf(part: Part, { reading }: TraceView): { fromMm: number; toMm: number } | null {
  const found = reading?.phases.find(({ phase }) => phase === part)
  return found ? { fromMm: found.fromMm - AROUND_MM, toMm: found.toMm + AROUND_MM } : null
}
