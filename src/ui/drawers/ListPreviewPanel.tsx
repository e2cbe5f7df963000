import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { ListPreview } from '@/workers/stockList.worker'

const SHOWN = 12

/** What would land of a list, and which rows would not and why. */
export function ListPreviewPanel({ preview }: { preview: ListPreview }) {
  const { good, bad, firstBad } = preview
  return (
    <Box component="section" aria-label="What would land">
      <Typography variant="h2" component="h2">
        {good} rows would land{bad > 0 && `, ${bad} would not`}
      </Typography>
      {firstBad.length > 0 && (
        <Box
          component="ul"
          sx={{ listStyle: 'none', m: 0, p: 0, fontSize: 14, maxHeight: 300, overflowY: 'auto' }}
          tabIndex={0}
        >
          {firstBad.slice(0, SHOWN).map(({ line, reason }) => (
            <Box
              component="li"
              key={line}
              sx={{
                display: 'grid',
                gridTemplateColumns: '76px 1fr',
                borderTop: 1,
                borderColor: 'divider',
                py: 0.4,
              }}
            >
              <span className="figure">line {line}</span>
              <span>{reason}</span>
            </Box>
          ))}
          {bad > SHOWN && <li>and {bad - SHOWN} more: all of them come back as a file.</li>}
        </Box>
      )}
    </Box>
  )
}
