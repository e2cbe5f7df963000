import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { PartKind } from '@/core/parts/parts'
import { describePart } from '@/core/stock/describePart'
import type { PartRow } from '@/services/drawers/drawersPage'
import type { Counted } from './useShelfCount'
import { isStored } from './useShelfCount'

export interface CountedLinesProps {
  readonly kind: PartKind
  readonly rows: readonly PartRow[]
  /** the line being counted */
  readonly at: number
  readonly counted: Readonly<Record<number, Counted>>
  readonly onLine: (at: number) => void
}

/** A shelf's lines with what was counted of each; one is gone to by a click. */
export function CountedLines({ kind, rows, at, counted, onLine }: CountedLinesProps) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 1, p: 0, fontSize: 14.5 }}>
      {rows.map((line, index) => (
        <Box
          component="li"
          key={line.id}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0,1fr) auto', sm: 'minmax(0,1fr) 160px 240px' },
            columnGap: 1,
            borderTop: 1,
            borderColor: 'divider',
            fontWeight: index === at ? 700 : 400,
          }}
        >
          <Button
            variant="text"
            onClick={() => onLine(index)}
            sx={{
              gridColumn: { xs: '1 / -1', sm: 'auto' },
              justifyContent: 'flex-start',
              textAlign: 'left',
              px: { xs: 0, sm: 1 },
              minHeight: 34,
              py: 0,
              fontWeight: 'inherit',
              color: 'inherit',
            }}
          >
            {describePart(kind, line)}
          </Button>
          <Box component="span" className="figure" sx={{ alignSelf: 'center' }}>
            {line.code}
          </Box>
          <CountedText was={line.quantity} counted={counted[line.id]} />
        </Box>
      ))}
    </Box>
  )
}

function CountedText({ was, counted }: { was: number; counted: Counted | undefined }) {
  if (!counted)
    return (
      <Box component="span" className="figure" sx={{ alignSelf: 'center', color: 'text.secondary' }}>
        {was} on record
      </Box>
    )
  if (!isStored(counted))
    return (
      <Box component="span" className="figure" sx={{ alignSelf: 'center', color: 'error.main' }}>
        {counted.refused === '' ? 'no figure' : counted.refused}, not stored
      </Box>
    )
  const { change, quantity } = counted
  return (
    <Box
      component="span"
      className="figure"
      sx={{ alignSelf: 'center', color: change === 0 ? 'success.main' : 'warning.main' }}
    >
      {change === 0 ? `✓ ${quantity}` : `${quantity}, ${change > 0 ? `${change} more` : `${-change} fewer`}`}
    </Box>
  )
}
