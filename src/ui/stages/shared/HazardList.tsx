'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { Hazard } from '@/core/tray/hazards'
import { useTimes } from '../../small/useTimes'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from './WorkError'
import { useErrorAt } from './useErrorAt'

/** What can hurt, with a tick and its time once it was dealt with; it stays in sight until then. */
export function HazardList({ bench, actions }: StageWorkProps) {
  const { clockText } = useTimes()
  const { view } = bench.state
  const [error, setError] = useErrorAt(bench.state.view)
  const inHand = view.tray.finishedAt === null
  if (view.job.allHazards.length === 0) return null
  const tick = (hazard: Hazard) => {
    const input = { trayId: view.tray.id, subject: `hazard:${hazard.id}`, done: hazard.dealtAt === null }
    void bench.change(actions.tickTray(input)).then(setError)
  }
  const standing = view.job.allHazards.filter((hazard) => hazard.dealtAt === null)
  const dealtWith = view.job.allHazards.filter((hazard) => hazard.dealtAt !== null)
  return (
    <Box component="section" aria-label="Hazards" sx={{ mt: 0.5 }}>
      {standing.map((hazard) => (
        <Box
          key={hazard.id}
          sx={{
            display: 'grid',
            // Beside a wide button a phone leaves three words a line.
            gridTemplateColumns: { xs: 'minmax(0,1fr)', sm: 'minmax(0,1fr) auto' },
            columnGap: 1.5,
            rowGap: 0.75,
            alignItems: 'center',
            borderLeft: 4,
            borderColor: 'error.main',
            pl: 1.25,
            py: 0.4,
            mb: 0.5,
          }}
        >
          <Box sx={{ fontSize: 14.5, lineHeight: 1.35 }}>
            <Box component="strong" sx={{ color: 'error.main' }}>
              {hazard.label}.
            </Box>{' '}
            {hazard.advice}
          </Box>
          {hazard.dealt !== null && (
            <Button
              size="small"
              variant="contained"
              color="error"
              disabled={!inHand}
              onClick={() => tick(hazard)}
              sx={{ minHeight: 44, whiteSpace: 'nowrap', justifySelf: 'start' }}
            >
              {hazard.dealt}
            </Button>
          )}
        </Box>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
        {dealtWith.map((hazard) => (
          <Button
            key={hazard.id}
            size="small"
            color="success"
            disabled={!inHand}
            title="take the tick back"
            onClick={() => tick(hazard)}
            suppressHydrationWarning
            sx={{ minHeight: 36, px: 1, fontWeight: 400 }}
          >
            ✓ {hazard.dealt} {clockText(hazard.dealtAt ?? '')}
          </Button>
        ))}
      </Box>
      <WorkError text={error} />
    </Box>
  )
}
