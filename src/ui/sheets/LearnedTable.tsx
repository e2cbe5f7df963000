import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { LearnedFigure, PieceFigure } from '@/core/learning/PieceFigure'
import { isWorkedOut } from '@/core/learning/PieceFigure'
import { isBeyondSpread } from '@/core/learning/learnedFigures'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { SheetDimension } from '@/core/readings/sheetFigures'
import { SHEET_DIMENSIONS, sheetField } from '@/core/readings/sheetFigures'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { formatMm } from '@/core/units/formatMm'

export interface LearnedTableProps {
  /** with what it has learned */
  readonly sheet: CaseSheet
  /** the newest first */
  readonly pieces: readonly PieceFigure[]
}

/** Pieces named one by one beside each dimension; of more only the count. */
const NAMED = 4

/** What pieces handed back have shown of every dimension, beside what the sheet says. */
export function LearnedTable({ sheet, pieces }: LearnedTableProps) {
  const learned = sheet.learned ?? {}
  const rows = SHEET_DIMENSIONS.flatMap((dimension) => {
    const figure = learned[dimension]
    return figure ? [{ dimension, figure }] : []
  })
  return (
    <Box component="section" aria-label="Learned">
      <Typography variant="h2" component="h2" sx={{ mt: 3, mb: 0.5 }}>
        Learned from pieces handed back
      </Typography>
      {rows.length === 0 ? (
        <Typography sx={{ color: 'text.secondary' }}>
          Nothing yet. What is measured on a piece of this case stands here once the piece is handed back, and
          is what the next one is expected to show.
        </Typography>
      ) : (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Learned dimensions">
          <Box
            component="table"
            sx={{
              width: '100%',
              minWidth: 720,
              borderCollapse: 'collapse',
              fontSize: 14.5,
              '& td, & th': { borderTop: 1, borderColor: 'divider', py: 0.6, pr: 2, textAlign: 'left' },
              '& th': { color: 'text.secondary', fontWeight: 400 },
              '& .number': { textAlign: 'right', whiteSpace: 'nowrap' },
            }}
          >
            <thead>
              <tr>
                <th scope="col">dimension</th>
                <th scope="col" className="number">
                  on the sheet
                </th>
                <th scope="col" className="number">
                  next piece
                </th>
                <th scope="col" className="number">
                  pieces differ by
                </th>
                <th scope="col">shown by</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ dimension, figure }) => (
                <LearnedRow
                  key={dimension}
                  dimension={dimension}
                  figure={figure}
                  sheetMm={sheet[sheetField(dimension)]}
                  pieces={pieces.filter((piece) => piece.dimension === dimension)}
                />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  )
}

interface LearnedRowProps {
  readonly dimension: SheetDimension
  readonly figure: LearnedFigure
  readonly sheetMm: number | null
  readonly pieces: readonly PieceFigure[]
}

function LearnedRow({ dimension, figure, sheetMm, pieces }: LearnedRowProps) {
  const beyond = sheetMm !== null && isBeyondSpread(dimension, sheetMm, pieces)
  return (
    <tr>
      <td>{DIMENSIONS[dimension].label}</td>
      <td className="number figure">{sheetMm === null ? '–' : formatMm(sheetMm)}</td>
      <td className="number figure">
        {formatMm(figure.valueMm)} ±{formatMm(expandedUncertaintyMm(figure))}
      </td>
      <td className="number figure">{formatMm(figure.spreadMm, 0.001)}</td>
      <td>
        {pieces.slice(0, NAMED).map((piece, i) => (
          <span key={piece.trayNumber}>
            {i > 0 && ', '}
            <Link href={`/trays/${piece.trayNumber}`} style={{ color: 'inherit' }}>
              {piece.trayNumber}
            </Link>{' '}
            <span className="figure">{formatMm(piece.valueMm)}</span>
            {isWorkedOut(piece) && ' worked out'}
          </span>
        ))}
        {pieces.length > NAMED && ` and ${pieces.length - NAMED} more`}
        {beyond && (
          <Box sx={{ color: 'warning.main', fontWeight: 700 }}>
            The sheet’s own figure lies beyond what pieces differ by: look it up, or correct it.
          </Box>
        )}
      </td>
    </tr>
  )
}
