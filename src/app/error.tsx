'use client'
import Button from '@mui/material/Button'
import { PageFrame } from '@/ui/shell/PageFrame'

/** A page that could not be put together. In production the server keeps the cause; its log names it by the digest. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string }
  reset: () => void
}) {
  return (
    <PageFrame title="This page could not be shown">
      <p>
        Nothing stored is lost. If another Whyalon is running on the same data, use that one or stop it, then
        try again.
      </p>
      <p className="figure">
        {error.digest ? `Look for ${error.digest} in the server’s window.` : error.message}
      </p>
      <Button variant="contained" onClick={reset}>
        Try again
      </Button>
    </PageFrame>
  )
}
