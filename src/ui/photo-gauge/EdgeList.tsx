import Box from '@mui/material/Box'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { formatMm } from '@/core/units/formatMm'

export interface EdgeListProps {
  readonly arcs: readonly SeenArc[]
  readonly chosen: readonly number[]
  readonly onToggle: (index: number) => void
}

/** More edges than this are dust and breaks. */
const MOST_SHOWN = 12

/** The edges found, longest outline first: the same choice as in the picture, for the keyboard. */
export function EdgeList({ arcs, chosen, onToggle }: EdgeListProps) {
  return (
    <Box component="ul" aria-label="Edges" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {arcs.slice(0, MOST_SHOWN).map(({ arc, side }, i) => {
        const on = chosen.includes(i)
        return (
          <li key={i}>
            <Box
              component="button"
              type="button"
              aria-pressed={on}
              onClick={() => onToggle(i)}
              sx={{
                font: 'inherit',
                fontSize: 15,
                color: 'inherit',
                width: '100%',
                minHeight: 36,
                textAlign: 'left',
                border: 0,
                borderTop: 1,
                borderColor: 'divider',
                borderLeft: 4,
                borderLeftColor: on ? 'warning.main' : 'transparent',
                background: on ? 'var(--mui-palette-paper-chosen)' : 'none',
                cursor: 'pointer',
                px: 1,
              }}
            >
              <span className="figure">{formatMm(2 * arc.fit.radiusMm)}</span> over{' '}
              {Math.round(arc.fit.arcDeg)}°, {side}
              {on && <strong> · chosen</strong>}
            </Box>
          </li>
        )
      })}
    </Box>
  )
}
