import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import type { ReactNode } from 'react'

interface FoldLineProps {
  readonly label: string
  /** how it stands, in a few words */
  readonly state: string
  /** null where that is neither good nor bad */
  readonly isGood?: boolean | null
  readonly isOpen: boolean
  readonly onToggle: () => void
  readonly children: ReactNode
}

/** One thing of several: a line that tells how it stands, and all of it while it is open. */
export function FoldLine({ label, state, isGood = null, isOpen, onToggle, children }: FoldLineProps) {
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider' }}>
      <ButtonBase
        aria-expanded={isOpen}
        onClick={onToggle}
        sx={{
          minHeight: 44,
          width: '100%',
          justifyContent: 'space-between',
          gap: 2,
          font: 'inherit',
          fontSize: '1.1rem',
          fontWeight: isOpen ? 700 : 400,
          textAlign: 'left',
        }}
      >
        <span>{label}</span>
        <Box
          component="span"
          sx={{ fontSize: 14, fontWeight: 400, color: colourOf(isGood), textAlign: 'right' }}
        >
          {isGood ? '✓ ' : ''}
          {state}
        </Box>
      </ButtonBase>
      {isOpen && children}
    </Box>
  )
}

function colourOf(isGood: boolean | null): string {
  if (isGood === null) return 'text.secondary'
  return isGood ? 'success.main' : 'warning.main'
}
