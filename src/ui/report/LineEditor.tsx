'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { MOST_LINE_LENGTH } from '@/core/letter/OwnerLetter'
import { useOneAtATime } from '../forms/useOneAtATime'

interface LineEditorProps {
  readonly label: string
  readonly initial: string
  /** @returns true once it is stored */
  readonly onKeep: (words: string) => Promise<boolean>
  readonly onClose: () => void
}

/** A line for an owner as it is typed: kept by Ctrl and Enter, given up by Escape; it stays until it is stored. */
export function LineEditor({ label, initial, onKeep, onClose }: LineEditorProps) {
  const [words, setWords] = useState(initial)
  const [keep, busy] = useOneAtATime(async () => {
    if (words.trim() !== '' && (await onKeep(words))) onClose()
  })
  const left = MOST_LINE_LENGTH - words.trim().length
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void keep()
        if (event.key !== 'Escape') return
        event.stopPropagation()
        onClose()
      }}
      sx={{ my: 1 }}
    >
      <TextField
        label={label}
        value={words}
        onChange={(event) => setWords(event.target.value)}
        multiline
        minRows={2}
        fullWidth
        autoFocus
        error={left < 0}
        helperText={
          left < 0 ? `${-left} characters too many: shorten it, or put the rest into a line of your own` : ' '
        }
      />
      <Button
        type="submit"
        variant="contained"
        size="small"
        disabled={busy || left < 0 || words.trim() === ''}
      >
        Keep
      </Button>
      <Button size="small" sx={{ ml: 1 }} onClick={onClose}>
        Give up
      </Button>
    </Box>
  )
}
