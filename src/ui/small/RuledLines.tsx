import Box from '@mui/material/Box'
import type { ReactNode } from 'react'

export interface RuledLine {
  readonly what: string
  /** at the other end of its line */
  readonly end: ReactNode
  /** true where it asks to be looked at */
  readonly marked?: boolean
}

/** Short facts under each other, a hairline over each: what it is at the left, what is said of it at the right. */
export function RuledLines({ label, lines }: { label?: string; lines: readonly RuledLine[] }) {
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14.5 }}>
      {lines.map(({ what, end, marked = false }) => (
        <Box
          component="li"
          key={what}
          sx={{
            display: 'flex',
            justifyContent: 'space-between',
            gap: 2,
            borderTop: 1,
            borderColor: 'divider',
            py: 0.5,
            overflowWrap: 'anywhere',
            ...(marked && { color: 'warning.main', fontWeight: 700 }),
          }}
        >
          <span>{what}</span>
          <Box component="span" sx={{ textAlign: 'right', ...(!marked && { color: 'text.secondary' }) }}>
            {end}
          </Box>
        </Box>
      ))}
    </Box>
  )
}
