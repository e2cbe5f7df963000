import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { ReactNode } from 'react'
import { KeyCap } from '../small/KeyCap'

/** What a shop that never opened a tray does first, in the order of the work. */
export function FirstSteps({ linesInDrawers }: { readonly linesInDrawers: number }) {
  return (
    <Box component="section" aria-labelledby="first-steps" sx={{ maxWidth: 760 }}>
      <Typography id="first-steps" component="h2" sx={{ fontSize: '1.5rem', fontWeight: 700 }}>
        A new bench.
      </Typography>
      <Typography sx={{ mb: 1, color: 'text.secondary' }}>
        Three steps, in this order or any other.
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, borderBottom: 1, borderColor: 'divider' }}>
        <Step title="Say what you measure with" done={false}>
          A caliper and a thickness gauge are there with usual figures.{' '}
          <Link href="/settings">Put in your own</Link>, with their zero: every ± rests on it.
        </Step>
        <Step title="Fill the drawers" done={linesInDrawers > 0}>
          {linesInDrawers > 0 && <>{linesInDrawers} lines are in. </>}
          <Link href="/drawers/import">Import a supplier’s list</Link>, or{' '}
          <Link href="/drawers">put in line by line</Link> what lies there. Nothing can be picked from empty
          drawers; measuring works without.
        </Step>
        <Step title="Open the first tray" done={false}>
          A case never seen gets its sheet in the same form.
        </Step>
      </Box>
      <Button component={Link} href="/trays/new" variant="contained" sx={{ mt: 2 }}>
        New tray <KeyCap name="Enter" />
      </Button>
    </Box>
  )
}

function Step({
  title,
  done,
  children,
}: {
  readonly title: string
  readonly done: boolean
  readonly children: ReactNode
}) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '240px 1fr' },
        columnGap: 2,
        borderTop: 1,
        borderColor: 'divider',
        py: 1.25,
      }}
    >
      <Box component="strong" sx={{ color: done ? 'success.main' : undefined }}>
        {done && '✓ '}
        {title}
      </Box>
      <span>{children}</span>
    </Box>
  )
}
