'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { HeatState } from '@/core/removal/heatBursts'
import { BURST_SECONDS, MOST_BURST_S } from '@/core/removal/heatBursts'
import { useNow } from '../../small/useNow'
import type { StageWorkProps } from '../StageWorkProps'
import { useErrorAt } from '../shared/useErrorAt'
import { WorkError } from '../shared/WorkError'

/** Often enough for seconds, ms. */
const LOOK_EVERY_MS = 200
const MS = 1000

/** Heat on a magnifier's bond by the burst: it counts the seconds, says when to take it off, and how long to let it cool. */
export function HeatPanel({ bench, actions, heat }: StageWorkProps & { heat: HeatState }) {
  const { view } = bench.state
  const now = useNow(LOOK_EVERY_MS).getTime()
  const [since, setSince] = useState<number | null>(null)
  const [error, setError] = useErrorAt(view)
  if (view.tray.finishedAt !== null) return null
  const burns = view.job.bench.some(({ own, process }) => own && process === 'flame')
  const seconds = since === null ? 0 : Math.max(0, (now - since) / MS)
  const coolS = heat.coolUntil === null ? 0 : Math.ceil((new Date(heat.coolUntil).getTime() - now) / MS)
  const isLong = seconds > MOST_BURST_S
  const end = () => {
    if (since === null) return
    const whole = Math.round((Date.now() - since) / MS)
    setSince(null)
    const kept = Math.min(BURST_SECONDS.most, Math.max(BURST_SECONDS.least, whole))
    void bench.change(actions.heatBond({ trayId: view.tray.id, seconds: kept })).then(setError)
  }
  return (
    <Box
      component="section"
      aria-label="Heat by the burst"
      sx={{ mt: 1, py: 1, borderTop: 1, borderBottom: 1, borderColor: 'divider' }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        {since === null ? (
          <Button variant="contained" disabled={!burns} onClick={() => setSince(Date.now())}>
            Heat on
          </Button>
        ) : (
          <Button variant="contained" color={isLong ? 'error' : 'primary'} onClick={end}>
            Heat off
          </Button>
        )}
        <Box
          role="status"
          className="figure"
          suppressHydrationWarning
          sx={{ fontSize: 22, minWidth: 220, color: isLong ? 'error.main' : 'text.primary' }}
        >
          {since !== null
            ? `${seconds.toFixed(1)} s${isLong ? ': off the heat' : ''}`
            : coolS > 0
              ? `cooling, ${coolS} s`
              : heat.bursts > 0
                ? 'cool: push with pegwood first'
                : 'a few seconds at a time'}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14.5 }}>
          {heat.bursts === 0
            ? 'No burst yet'
            : `${heat.bursts} ${heat.bursts === 1 ? 'burst' : 'bursts'}, ${heat.totalSeconds} s in all`}
        </Box>
      </Box>
      {!burns && (
        <Box sx={{ fontSize: 14.5, color: 'text.secondary', mt: 0.5 }}>
          Start the flame below first: there it is judged against what is near and what is open on the bench.
        </Box>
      )}
      {heat.tooMuch.map((sentence) => (
        <Box key={sentence} sx={{ fontSize: 14.5, color: 'warning.main', mt: 0.25 }}>
          {sentence}
        </Box>
      ))}
      <WorkError text={error} />
    </Box>
  )
}
