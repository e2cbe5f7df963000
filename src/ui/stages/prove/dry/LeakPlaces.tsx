'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { LeakPlaceView } from '@/services/tray/dryTestView'
import { ReasonDialog } from '../../../small/ReasonDialog'
import { answerOf, firstOf } from '../../../tray/trayAnswer'
import type { StageWorkProps } from '../../StageWorkProps'

/** Where a leak is likely to be, what would tell, and the way back to it. */
export function LeakPlaces({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const [asked, setAsked] = useState<LeakPlaceView | null>(null)
  const places = view.dryTest?.places ?? []
  if (places.length === 0) return null
  const inHand = view.tray.finishedAt === null
  return (
    <Box component="section" aria-label="Where it may leak" sx={{ mt: 1 }}>
      <Typography variant="h3" component="h3">
        Where it may leak
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {places.map((place) => (
          <Box
            component="li"
            key={place.place}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) auto' },
              columnGap: 1.5,
              alignItems: 'center',
              py: 0.75,
              borderTop: 1,
              borderColor: 'divider',
            }}
          >
            <Box>
              <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
                <Typography sx={{ fontWeight: 700, minWidth: 148 }}>{place.label}</Typography>
                <Box
                  aria-hidden
                  sx={{ flex: 1, maxWidth: 160, height: 8, bgcolor: 'divider', borderRadius: 1 }}
                >
                  <Box
                    sx={{
                      width: `${Math.round(100 * place.part)}%`,
                      height: 1,
                      bgcolor: 'warning.main',
                      borderRadius: 1,
                    }}
                  />
                </Box>
                <Typography className="figure">{place.share}</Typography>
              </Box>
              <Typography sx={{ fontSize: 14.5 }}>
                {place.because.length > 0 && `Because ${place.because.join('; ')}. `}
                {place.test}
              </Typography>
              {place.against !== null && (
                <Typography sx={{ fontSize: 14.5, color: 'warning.main' }}>{place.against}</Typography>
              )}
            </Box>
            {inHand && place.against === null && (
              <Button
                variant="outlined"
                onClick={() => setAsked(place)}
                aria-label={`Back to ${place.stageLabel}, for the ${place.label.toLowerCase()}`}
                sx={{ minHeight: 44 }}
              >
                Back to {place.stageLabel}
              </Button>
            )}
          </Box>
        ))}
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        How likely each is follows from what was found and done here, and from what leaks of this shop turned
        out to be.
      </Typography>
      {asked && (
        <ReasonDialog
          title={`Back to ${asked.stageLabel}: ${asked.label.toLowerCase()}`}
          hint="what points there, as “the leak changed as the crown was greased”"
          act={`Back to ${asked.stageLabel}`}
          onClose={() => setAsked(null)}
          onReason={async (reason) => {
            const answer = await answerOf(
              actions.lookForLeak({ trayId: view.tray.id, place: asked.place, reason }),
            )
            if (!answer.ok) return firstOf(answer.errors)
            setAsked(null)
            bench.take(answer, asked.stage)
            return null
          }}
        />
      )}
    </Box>
  )
}
