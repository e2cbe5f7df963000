'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { FileButton } from '../small/FileButton'
import { sendFile } from '../small/sendFile'
import { WorkError } from '../stages/shared/WorkError'

/** Limits and schools to another shop, and from one. */
export function LimitsExchange() {
  const router = useRouter()
  const [said, setSaid] = useState<{ readonly taken: boolean; readonly error: string | null }>()
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" variant="outlined" component="a" href="/api/limits" download>
          Save limits and schools as JSON
        </Button>
        <FileButton
          label="Limits from a file"
          variant="outlined"
          accept=".json,application/json"
          onFile={(file) => {
            void sendFile('/api/limits', file, 'application/json').then((sent) => {
              setSaid({ taken: sent.ok, error: sent.ok ? null : sent.message })
              if (sent.ok) router.refresh()
            })
          }}
        />
      </Box>
      {said?.taken === true && (
        <Typography role="status">
          Taken in, in place of what was set here. What was there before stands in the history.
        </Typography>
      )}
      <WorkError text={said?.error ?? null} />
    </Box>
  )
}
