'use client'
import BackspaceOutlined from '@mui/icons-material/BackspaceOutlined'
import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { styled } from '@mui/material/styles'

const Key = styled(ButtonBase)(({ theme }) => ({
  minHeight: 48,
  fontSize: 22,
  fontWeight: 650,
  border: `1px solid ${theme.vars.palette.divider}`,
  borderRadius: 4,
  backgroundColor: theme.vars.palette.background.default,
  '&:active': { backgroundColor: theme.vars.palette.paper.chosen },
})) as typeof ButtonBase

/** Two short rows: all of the pad stands under a thumb, and as much of the page as can be stays in sight. */
const ROWS = [
  ['1', '2', '3', '4', '5'],
  ['6', '7', '8', '9', '0', '.'],
] as const

export interface NumberPadProps {
  /** true where the figure may lie under zero */
  readonly mayBeNegative: boolean
  readonly onKey: (character: string) => void
  readonly onDelete: () => void
}

/** Where a finger points, figures are typed without the system's keyboard, which would cover the drawing. */
export function NumberPad({ mayBeNegative, onKey, onDelete }: NumberPadProps) {
  const key = (character: string) => (
    <Key key={character} type="button" className="figure" onClick={() => onKey(character)}>
      {character === '-' ? '−' : character}
    </Key>
  )
  const [first, second] = ROWS
  return (
    <Box
      role="group"
      aria-label="Number pad"
      sx={{
        display: 'none',
        // On a phone Accept lies under the pad, at the thumb; where there is room, beside the figure.
        order: { xs: 0, sm: 1 },
        gridColumn: '1 / -1',
        gridTemplateColumns: `repeat(${mayBeNegative ? 7 : 6}, minmax(44px, 1fr))`,
        gap: 0.5,
        '@media (pointer: coarse)': { display: 'grid' },
      }}
    >
      {first.map(key)}
      {mayBeNegative && key('-')}
      <Key type="button" aria-label="Delete the last character" onClick={onDelete}>
        <BackspaceOutlined fontSize="small" />
      </Key>
      {second.map(key)}
    </Box>
  )
}
