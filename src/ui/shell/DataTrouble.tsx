'use client'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { PageFrame } from './PageFrame'

/** Stands in the place of every page while the shop's data is not open: what is wrong, and what to do about it. */
export function DataTrouble({ trouble }: { readonly trouble: string }) {
  return (
    <PageFrame title="The shop’s data is not open">
      <Typography role="alert" sx={{ color: 'error.main', maxWidth: 720, mb: 1.5, overflowWrap: 'anywhere' }}>
        {trouble}
      </Typography>
      <Typography sx={{ maxWidth: 720, mb: 2 }}>When this is put right, try again.</Typography>
      <Button variant="contained" onClick={() => window.location.reload()}>
        Try again
      </Button>
    </PageFrame>
  )
}
