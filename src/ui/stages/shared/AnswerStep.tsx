'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import type { RefObject } from 'react'
import { useState } from 'react'
import type { StepAnswered, StepQuestion } from '@/core/procedure/StepQuestion'
import { MOST_DETAIL } from '@/core/procedure/StepQuestion'

interface AnswerStepProps {
  readonly title: string
  readonly question: StepQuestion
  /** the answer asked for first: where the key that would tick the step goes */
  readonly firstRef: RefObject<HTMLButtonElement | null>
  readonly onAnswer: (answered: StepAnswered) => void
}

/** What was seen, in one press: the answers of a step that asks, with what is written beside them. */
export function AnswerStep({ title, question, firstRef, onAnswer }: AnswerStepProps) {
  const [detail, setDetail] = useState('')
  const [missing, setMissing] = useState(false)
  const { asks, answers } = question
  return (
    <Box
      role="group"
      aria-label={`${asks}: ${title}`}
      sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-start', gap: 1, mt: 0.8 }}
    >
      {question.detail && (
        <TextField
          size="small"
          label={question.detail.label}
          required={question.detail.needed}
          value={detail}
          error={missing}
          helperText={missing ? `${question.detail.label}: is empty. Write what was read.` : undefined}
          onChange={({ target }) => {
            setMissing(false)
            setDetail(target.value)
          }}
          slotProps={{ htmlInput: { maxLength: MOST_DETAIL } }}
          sx={{ flex: '1 1 14rem', '& .MuiInputBase-root': { minHeight: 44 } }}
        />
      )}
      {answers.map(({ words, good }, at) => (
        <Button
          key={words}
          ref={at === 0 ? firstRef : undefined}
          size="small"
          variant="outlined"
          color={good ? 'success' : 'error'}
          onClick={({ currentTarget }) => {
            const isMissing = (question.detail?.needed ?? false) && detail.trim() === ''
            setMissing(isMissing)
            if (isMissing) return
            // Keys are the page's again: a space meant for the next step must not say this once more.
            currentTarget.blur()
            onAnswer({ answer: words, detail })
          }}
          sx={{ minHeight: 44 }}
        >
          {words}
        </Button>
      ))}
    </Box>
  )
}
