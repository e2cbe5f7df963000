'use client'
import Box from '@mui/material/Box'
import visuallyHidden from '@mui/utils/visuallyHidden'
import type { ReportLine } from '@/core/report/Report'
import { REPORT_MARK_WORDS } from '@/core/report/Report'
import { useTimes } from '../small/useTimes'

/** What, how it stands, and when: a line each; what follows under the same word is told without repeating it. */
export function ReportLines({ lines }: { lines: readonly ReportLine[] }) {
  const { clockText } = useTimes()
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {lines.map((line, index) => (
        <Box
          component="li"
          key={index}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr auto', sm: '190px minmax(0,1fr) 124px' },
            columnGap: 2,
            py: 0.5,
            borderTop: index === 0 ? 0 : 1,
            borderColor: 'divider',
            fontSize: 15.5,
            lineHeight: 1.35,
            overflowWrap: 'anywhere',
          }}
        >
          <Box component="span" sx={{ fontWeight: 650 }}>
            <span style={lines[index - 1]?.what === line.what ? visuallyHidden : undefined}>{line.what}</span>
          </Box>
          <Box component="span" sx={{ gridRow: { xs: 2, sm: 1 }, gridColumn: { xs: '1 / -1', sm: 2 } }}>
            <Mark mark={line.mark} />
            {line.words}
          </Box>
          <Box
            component="span"
            suppressHydrationWarning
            sx={{ color: 'text.secondary', textAlign: 'right', fontSize: 14, gridColumn: { xs: 2, sm: 3 } }}
          >
            {line.at && clockText(line.at)}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

const COLOURS = { done: 'success.main', 'left-out': 'warning.main', open: 'error.main' } as const

function Mark({ mark }: Pick<ReportLine, 'mark'>) {
  if (mark === 'plain') return null
  return (
    <Box component="strong" sx={{ color: COLOURS[mark] }}>
      {mark === 'done' ? '✓ ' : `${REPORT_MARK_WORDS[mark]}: `}
    </Box>
  )
}
