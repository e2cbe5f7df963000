'use client'
import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import type { ReactNode, Ref } from 'react'
import type { RimPattern } from '@/core/level/rimPlaces'
import { RIM_PATTERNS } from '@/core/level/rimPlaces'
import { formatMm } from '@/core/units/formatMm'
import type { HeightsView } from '@/services/tray/heightsView'
import type { TrayBenchState } from '../../tray/useTrayBench'
import { rimPatternOf } from '../../tray/traySession'
import { VerdictLine } from '../../small/VerdictLine'
import { RimDrawing } from './RimDrawing'

interface HeightsPanelProps {
  readonly bench: TrayBenchState
  readonly view: HeightsView
  readonly ref?: Ref<HTMLElement>
  /** what it is called to a screen reader, what its drawing shows, and its heading */
  readonly label: string
  readonly what: string
  readonly title: string
  /** what is to be done while nothing is read yet */
  readonly toBegin: string
  /** told beside how sure it is; empty for nothing */
  readonly beside: string
  /** what to do, beyond what the heights say by themselves */
  readonly children?: ReactNode
}

/** Heights read round a case: drawn, what they say, and how many places are read. */
export function HeightsPanel({
  bench,
  view,
  ref,
  label,
  what,
  title,
  toBegin,
  beside,
  children,
}: HeightsPanelProps) {
  const inHand = bench.state.view.tray.finishedAt === null
  const pattern = rimPatternOf(view, bench.state.rimPattern)
  const next = inHand ? view.next[pattern] : null
  const { standing, heights, limitMm } = view
  const toRead = heights.length === 0 ? toBegin : `Go on round the ${what.toLowerCase()}`
  return (
    <Box
      component="section"
      ref={ref}
      aria-label={label}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '236px minmax(0,1fr)' },
        columnGap: 2.5,
        alignItems: 'center',
        // Under the strip of stages, not against it.
        scrollMarginTop: 8,
        pb: 1,
        mb: 1,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <RimDrawing what={what} rim={view} nextPlace={next?.placeIndex ?? null} />
      <Box>
        <Typography variant="h3" component="h2" sx={{ color: 'text.secondary' }}>
          {title}
        </Typography>
        <VerdictLine
          isGood={standing?.isLevel ?? null}
          words={standing ? standing.words : next === null ? 'Not read' : toRead}
        />
        {standing && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            <span className="figure">±{formatMm(2 * standing.standardUncertaintyMm)}</span>, limit{' '}
            <span className="figure">{formatMm(limitMm)}</span>
            {beside && `; ${beside}`}
          </Typography>
        )}
        {children}
        {inHand && (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 1 }}>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={pattern}
              aria-label={`Places round the ${what.toLowerCase()}`}
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
