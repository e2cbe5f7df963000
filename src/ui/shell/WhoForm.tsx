'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { benchName, benchNameObjection, MOST_NAME } from '@/core/history/benchName'
import { keepBenchName } from './benchCookie'

export interface WhoFormProps {
  /** as it is kept; null where nobody was named */
  readonly name: string | null
  readonly autoFocus?: boolean
  readonly onDone: () => void
}

/** Name or initials of whoever works here: kept in this browser, put to everything that is changed from it. */
export function WhoForm({ name, autoFocus = false, onDone }: WhoFormProps) {
  const router = useRouter()
  const [text, setText] = useState(name ?? '')
  const [error, setError] = useState<string | null>(null)
  const keep = () => {
    const wrong = benchNameObjection(text)
    setError(wrong)
    if (wrong !== null) return
    keepBenchName(benchName(text) ?? '')
    router.refresh()
    onDone()
  }
  return (
    <Box
      component="form"
      noValidate
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <TextField
        label="Name or initials"
        size="small"
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={error !== null}
        helperText={error}
        autoFocus={autoFocus}
        slotProps={{
          htmlInput: { autoComplete: 'off', 'aria-description': `at most ${MOST_NAME} characters` },
        }}
        sx={{ width: 220 }}
      />
      <Button type="submit" variant="contained">
        Keep
      </Button>
    </Box>
  )
}
