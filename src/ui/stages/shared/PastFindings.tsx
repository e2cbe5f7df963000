import Box from '@mui/material/Box'
import type { PastFinding } from '@/core/intake/pastFindings'
import { RuledLines } from '../../small/RuledLines'

/** What was found on earlier pieces of this case; nothing where nothing was. */
export function PastFindings({ found }: { found: readonly PastFinding[] }) {
  if (found.length === 0) return null
  return (
    <Box component="section" aria-label="Found on this case before" sx={{ mt: 1 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 13, fontWeight: 400, color: 'text.secondary' }}>
        Found on this case before
      </Box>
      <RuledLines lines={found.map(({ words, trays }) => ({ what: words, end: trayWords(trays) }))} />
    </Box>
  )
}

/** “tray 213”, “trays 213, 190”, “tray 213 and 4 more”. */
function trayWords([newest, ...others]: readonly number[]): string {
  if (others.length === 0) return `tray ${newest}`
  return others.length === 1 ? `trays ${newest}, ${others[0]}` : `tray ${newest} and ${others.length} more`
}
