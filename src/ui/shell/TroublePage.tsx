'use client'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { PageFrame } from './PageFrame'

/** What stands in the place of something that is kept and cannot be shown: what is wrong, and what to do about it. */
export function TroublePage({ title, trouble }: { title: string; trouble: string }) {
  return (
    <PageFrame title={title} subtitle="cannot be shown; nothing of it is lost">
      <Typography role="alert" sx={{ color: 'error.main', maxWidth: 720, mb: 2 }}>
        {trouble}
      </Typography>
      <Button component={Link} href="/" variant="outlined">
        To the Bench
      </Button>
    </PageFrame>
  )
}
