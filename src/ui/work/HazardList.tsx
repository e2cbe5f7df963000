'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Hazard } from '@/core/tray/hazards'
import { clockText } from '../small/timeText'
import type { StageWorkProps } from '../tray/StageWork'
import { WorkError } from './WorkError'

/** What can hurt, with a tick and its time once it was dealt with; it stays in sight until then. */
export function HazardList({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [error, setError] = useState<string | null>(null)
  const inHand = view.tray.finishedAt === null
  if (view.job.allHazards.length === 0) return null
  const tick = (hazard: Hazard) => {
    const input = { trayId: view.tray.id, subject: `hazard:${hazard.id}`, done: hazard.dealtAt === null }
    void bench.change(actions.tickTray(input)).then(setError)
  }
  return (
    <Box component="section" aria-label="Hazards" sx={{ mt: 0.5 }}>
      {view.job.allHazards.map((hazard) => {
        const stands = hazard.dealtAt === null
        return (
          <Box
            key={hazard.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: 'minmax(0,1fr) auto',
              columnGap: 1.5,
              alignItems: 'center',
              borderLeft: 4,
              borderColor: stands ? 'error.main' : 'success.main',
              pl: 1.25,
              py: 0.4,
              mb: 0.5,
            }}
          >
            <Box sx={{ fontSize: 14.5, lineHeight: 1.35 }}>
              <Box component="strong" sx={{ color: stands ? 'error.main' : 'text.secondary' }}>
                {hazard.label}
              </Box>
              {stands ? `. ${hazard.advice}` : ''}
            </Box>
            {hazard.dealt === null ? (
              <Box component="span" sx={{ fontSize: 13, color: 'text.secondary' }}>
                stays
              </Box>
            ) : (
              <Button
                size="small"
                variant={stands ? 'contained' : 'text'}
                color={stands ? 'error' : 'success'}
                disabled={!inHand}
                onClick={() => tick(hazard)}
                suppressHydrationWarning
                sx={{ minHeight: 40, whiteSpace: 'nowrap' }}
              >
                {hazard.dealtAt === null ? hazard.dealt : `✓ ${hazard.dealt} ${clockText(hazard.dealtAt)}`}
              </Button>
            )}
          </Box>
        )
      })}
      <WorkError text={error} />
    </Box>
  )
}
