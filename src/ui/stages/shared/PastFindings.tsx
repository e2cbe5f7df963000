import Box from '@mui/material/Box'
import type { PastFinding } from '@/core/intake/pastFindings'

/** What was found on earlier pieces of this case; nothing where nothing was. */
export function PastFindings({ found }: { found: readonly PastFinding[] }) {
  if (found.length === 0) return null
  return (
    <Box component="section" aria-label="Found on this case before" sx={{ mt: 1, fontSize: 14.5 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 13, fontWeight: 400, color: 'text.secondary' }}>
        Found on this case before
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {found.map(({ words, trays }) => (
          <Box
            component="li"
            key={words}
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              gap: 2,
              borderTop: 1,
              borderColor: 'divider',
              py: 0.5,
              overflowWrap: 'anywhere',
            }}
          >
            <span>{words}</span>
            <Box component="span" className="figure" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
              {trayWords(trays)}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  )
}

/** “tray 213”, “trays 213, 190”, “tray 213 and 4 more”. */
function trayWords([newest, ...others]: readonly number[]): string {
  if (others.length === 0) return `tray ${newest}`
  return others.length === 1 ? `trays ${newest}, ${others[0]}` : `tray ${newest} and ${others.length} more`
}
