import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'

/** What to do where nothing of a kind was ever put in. */
export function EmptyDrawer({ kind }: { readonly kind: PartKind }) {
  const { one, many } = PARTS[kind]
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 3, maxWidth: 640 }}>
      <Typography component="h2" sx={{ fontSize: '1.25rem', fontWeight: 700 }}>
        No {many.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())} in the drawers yet
      </Typography>
      <Typography sx={{ color: 'text.secondary', mt: 0.5 }}>
        <Link href={`/drawers/import?kind=${kind}`}>Import a supplier’s list</Link>, in whatever columns it
        comes, or put them in one by one with “New {one}”.
        {kind === 'crystal' && (
          <>
            {' '}
            A shop that starts can <Link href="/drawers/order">order a run</Link>, say three of each tenth
            from 28 to 33.
          </>
        )}
      </Typography>
    </Box>
  )
}
