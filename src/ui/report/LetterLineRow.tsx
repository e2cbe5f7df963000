'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useState } from 'react'
import type { LetterLine } from '@/core/letter/OwnerLetter'
import { LineEditor } from './LineEditor'

interface LetterLineRowProps {
  readonly line: LetterLine
  /** figures in the shop's way */
  readonly inWords: (text: string) => string
  /** null takes back what was written, empty leaves it out; null where nothing may be worded any more */
  readonly onWord: ((words: string | null) => Promise<boolean>) | null
}

/** A line for an owner: worded otherwise, left out, or as it was drafted again. */
export function LetterLineRow({ line, inWords, onWord }: LetterLineRowProps) {
  const { words, drafted, leftOut } = line
  const [editing, setEditing] = useState(false)
  if (leftOut && !onWord) return null
  if (editing && onWord)
    return <LineEditor label="Line" initial={words} onKeep={onWord} onClose={() => setEditing(false)} />
  const isDrafted = words === drafted && !leftOut
  return (
    <Box
      sx={{
        ...{ display: 'flex', columnGap: 1, alignItems: 'baseline', fontSize: 16, lineHeight: 1.45 },
        // A telephone has no room beside the words.
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        '& button': { fontSize: 13, minWidth: 0, minHeight: 30, py: 0, px: 0.75, flex: 'none' },
      }}
    >
      <Box
        sx={{
          ...{ flexGrow: 1, flexBasis: { xs: '100%', sm: 'auto' }, overflowWrap: 'anywhere' },
          ...(leftOut && { color: 'text.secondary', textDecoration: 'line-through' }),
        }}
      >
        {inWords(words)}
      </Box>
      {onWord && !leftOut && (
        <Button size="small" aria-label={`Word: ${words}`} onClick={() => setEditing(true)}>
          word
        </Button>
      )}
      {onWord && !leftOut && (
        <Button size="small" aria-label={`Leave out: ${words}`} onClick={() => void onWord('')}>
          leave out
        </Button>
      )}
      {onWord && !isDrafted && drafted !== '' && (
        <Button size="small" aria-label={`As drafted: ${drafted}`} onClick={() => void onWord(null)}>
          as drafted
        </Button>
      )}
    </Box>
  )
}
