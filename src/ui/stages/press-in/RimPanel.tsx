'use client'
import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useEffect, useRef } from 'react'
import type { RimPattern } from '@/core/level/rimPlaces'
import { RIM_PATTERNS } from '@/core/level/rimPlaces'
import { capital } from '@/core/units/capital'
import { formatMm } from '@/core/units/formatMm'
import type { RimView } from '@/services/tray/rimView'
import type { TrayBenchState } from '../../tray/useTrayBench'
import { VerdictLine } from '../../small/VerdictLine'
import { rimPatternOf } from '../../tray/traySession'
import { RimDrawing } from './RimDrawing'

/** Is it level? The rim's heights after the last push, what they say, and how to lay the case for the next. */
export function RimPanel({ bench }: { readonly bench: TrayBenchState }) {
  const { view, rimPattern } = bench.state
  const { rim } = view
  const panel = useRef<HTMLElement>(null)
  const seen = useRef(rim?.pass)
  // After a push the rim comes next: what is above the log it was sent from is brought into sight.
  useEffect(() => {
    if (rim && rim.pass !== seen.current) panel.current?.scrollIntoView({ block: 'nearest' })
    seen.current = rim?.pass
  }, [rim])
  if (!rim) return null
  const pattern = rimPatternOf(rim, rimPattern)
  const next = view.tray.finishedAt === null ? rim.next[pattern] : null
  const { standing, before, lay } = rim
  return (
    <Box
      component="section"
      ref={panel}
      // Under the strip of stages, not against it.
      aria-label="Level"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '236px minmax(0,1fr)' },
        columnGap: 2.5,
        alignItems: 'center',
        scrollMarginTop: 8,
        pb: 1,
        mb: 1,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <RimDrawing rim={rim} nextPlace={next?.placeIndex ?? null} />
      <Box>
        <Typography variant="h3" component="h2" sx={{ color: 'text.secondary' }}>
          Level after push {rim.pass}
        </Typography>
        <VerdictLine
          isGood={standing?.isLevel ?? null}
          words={standing ? standing.words : toRead(rim, next !== null)}
        />
        {standing && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            <span className="figure">±{formatMm(2 * standing.standardUncertaintyMm)}</span>, limit{' '}
            <span className="figure">{formatMm(rim.limitMm)}</span>
            {before && `; after the push before: ${before.words}`}
          </Typography>
        )}
        {standing?.because && !lay && <Typography sx={{ mt: 0.5 }}>{standing.because}</Typography>}
        {lay && (
          <Typography sx={{ mt: 0.5 }}>
            <strong>{lay.action}.</strong>{' '}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {capital(lay.why)}.
            </Box>
          </Typography>
        )}
        {view.tray.finishedAt === null && (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 1 }}>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={pattern}
              aria-label="Places round the rim"
              onChange={(_, chosen: RimPattern | null) => chosen && bench.chooseRimPattern(chosen)}
            >
              {RIM_PATTERNS.map((count) => (
                <ToggleButton key={count} value={count} sx={{ minWidth: 44, minHeight: 40 }}>
                  {count}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
            <Typography variant="body2" sx={{ color: 'text.secondary' }}>
              places: six or more tell dirt from a warp
            </Typography>
          </Box>
        )}
      </Box>
    </Box>
  )
}

function toRead({ heights }: RimView, more: boolean): string {
  if (!more) return 'Not read'
  return heights.length === 0
    ? 'Read the rim’s height round the case, or look it over by eye below'
    : 'Go on round the rim'
}
