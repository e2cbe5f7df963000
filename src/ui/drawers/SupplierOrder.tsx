import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import type { OrderLine } from '@/core/stock/reorder'
import { countOf, keyOf, totalText } from './orderFigures'

export interface SupplierOrderProps {
  /** empty for lines nobody has named a supplier of */
  readonly supplier: string
  readonly lines: readonly OrderLine[]
  /** as typed, by the key of the line */
  readonly counts: Readonly<Record<string, string>>
  readonly onCount: (key: string, text: string) => void
  readonly onSave: () => void
}

/** What one supplier is to send: a line each, with how many, and what it comes to. */
export function SupplierOrder({ supplier, lines, counts, onCount, onSave }: SupplierOrderProps) {
  const ordered = lines.map((line) => ({ ...line, order: countOf(counts[keyOf(line)], line.order) }))
  return (
    <Box component="section" aria-label={supplier || 'No supplier'} sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h2" component="h2">
          {supplier || 'No supplier yet'}
        </Typography>
        <Button variant="text" sx={{ minHeight: 32, py: 0 }} onClick={onSave}>
          CSV
        </Button>
        <Box component="span" className="figure" data-testid="total" sx={{ ml: 'auto', fontSize: 15 }}>
          {totalText(ordered)}
        </Box>
      </Box>
      {lines.map((line) => (
        <OrderedLine
          key={keyOf(line)}
          line={line}
          text={counts[keyOf(line)]}
          onText={(text) => onCount(keyOf(line), text)}
        />
      ))}
    </Box>
  )
}

interface OrderedLineProps {
  readonly line: OrderLine
  /** how many, as typed; what is proposed while nothing was */
  readonly text: string | undefined
  readonly onText: (text: string) => void
}

function OrderedLine({ line, text, onText }: OrderedLineProps) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0,1fr) 84px', sm: 'minmax(0,1fr) 220px 110px 110px' },
        columnGap: 1.5,
        rowGap: 0.25,
        alignItems: 'center',
        borderTop: 1,
        borderColor: 'divider',
        py: 0.4,
      }}
    >
      <span>{line.description}</span>
      <Box
        component="span"
        className="figure"
        sx={{ fontSize: 14, color: 'text.secondary', gridRow: { xs: 2, sm: 'auto' } }}
      >
        {line.supplierCode || line.code || 'no code yet'}
      </Box>
      <Box
        component="span"
        className="figure"
        sx={{ fontSize: 14, textAlign: 'right', gridRow: { xs: 2, sm: 'auto' } }}
      >
        {line.there} there
      </Box>
      <TextField
        size="small"
        value={text ?? String(line.order)}
        onChange={(event) => onText(event.target.value)}
        error={countOf(text, line.order) === null}
        slotProps={{
          htmlInput: {
            inputMode: 'numeric',
            className: 'figure',
            'aria-label': `Order of ${line.description}`,
            style: { textAlign: 'right' },
          },
        }}
      />
    </Box>
  )
}
