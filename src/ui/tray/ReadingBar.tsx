'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { styled } from '@mui/material/styles'
import type { RefObject } from 'react'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { formatMm } from '@/core/units/formatMm'
import type { ReadingQuestion } from '@/services/tray/takeReading'
import { KeyCap } from '../small/KeyCap'
import { EarlierReadings } from './EarlierReadings'
import { AnswerFlash } from './AnswerFlash'
import type { Flash } from './flash'
import { NumberPad } from './NumberPad'
import type { WhatNextProps } from './WhatNext'
import { WhatNext } from './WhatNext'

const Figure = styled('input')(({ theme }) => ({
  width: '100%',
  border: 0,
  borderBottom: `3px solid ${theme.vars.palette.primary.main}`,
  background: 'transparent',
  color: theme.vars.palette.text.primary,
  fontWeight: 700,
  textAlign: 'right',
  lineHeight: 1.1,
  padding: '0 4px',
  '&::placeholder': { color: theme.vars.palette.text.secondary, opacity: 0.45 },
  '&[aria-invalid="true"]': { borderBottomColor: theme.vars.palette.error.main },
}))

/** A figure of five characters fills the field; a longer one is set smaller, so that all of it is seen. */
const LARGEST_PX = 46
const SMALLEST_PX = 15
const FULL_AT = 5
const QUIET_PX = 24

function figureSizePx(text: string): number {
  return Math.max(SMALLEST_PX, Math.floor((LARGEST_PX * FULL_AT) / Math.max(FULL_AT, text.length)))
}

export interface ReadingBarProps extends Omit<WhatNextProps, 'quiet'> {
  readonly text: string
  /** the figure on its way to the server, null when none is */
  /** with those that wait for it */
  readonly sending: string | null
  readonly question: ReadingQuestion | null
  readonly error: string | null
  /** what was done to the last figure; null when nothing was */
  readonly note: string | null
  readonly busy: boolean
  /** how the last figure was answered; null before the first */
  readonly flash: Flash | null
  readonly inputRef: RefObject<HTMLInputElement | null>
  readonly onText: (text: string) => void
  readonly onPadKey: (character: string) => void
  readonly onPadDelete: () => void
  readonly onAccept: () => void
  readonly onAnswer: (answer: 'suggestion' | 'keep' | 'again') => void
  readonly onVoid: () => void
}

/** Takes every figure from keyboard or instrument, and says what to measure next. */
export function ReadingBar(props: ReadingBarProps) {
  const { view, target, text, question, error, busy, inputRef, onText, onAccept, onAnswer, onVoid } = props
  const message = question?.message ?? error ?? props.note
  // With nothing asked and nothing typed it makes room for what is done instead.
  const quiet = target === null && text === '' && props.sending === null && !message
  const mayBeNegative = target !== null && DIMENSIONS[target.dimension].leastMm < 0
  return (
    <Box
      component="form"
      aria-label="Reading bar"
      data-readings={view.readings.filter((r) => r.voidReason === null).length}
      onSubmit={(event) => {
        event.preventDefault()
        onAccept()
      }}
      sx={(theme) => ({
        bgcolor: theme.vars.palette.paper.bar,
        borderTop: 2,
        borderColor: 'primary.main',
        position: 'relative',
        isolation: 'isolate',
        px: 2.5,
        py: { xs: 0.5, md: quiet ? 0.25 : 1 },
        display: 'grid',
        columnGap: { xs: 2, lg: 3 },
        rowGap: 0.5,
        alignItems: 'center',
        gridTemplateColumns: {
          xs: '1fr',
          sm: 'minmax(0,1fr) auto',
          md: 'minmax(205px,1.25fr) 196px minmax(140px,1.2fr) auto',
        },
      })}
    >
      {props.flash && <AnswerFlash key={props.flash.count} {...props.flash} />}
      <WhatNext {...props} quiet={quiet} />
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, width: { sm: 196, md: 'auto' } }}>
        <Figure
          ref={inputRef}
          className="figure"
          aria-label={target ? `${DIMENSIONS[target.dimension].label} in mm` : 'Reading in mm'}
          aria-invalid={error !== null}
          aria-describedby="reading-message"
          // A phone's pad of figures has no minus on it.
          inputMode={mayBeNegative ? 'text' : 'decimal'}
          autoComplete="off"
          placeholder={props.sending ?? '––.––'}
          value={text}
          style={{ fontSize: quiet ? QUIET_PX : figureSizePx(text || (props.sending ?? '')) }}
          onChange={(event) => onText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Backspace' && text === '') onVoid()
            if (event.key === 'Escape') {
              onText('')
              event.currentTarget.blur()
            }
          }}
        />
        <span>mm</span>
      </Box>
      <Box
        id="reading-message"
        role="status"
        aria-live="polite"
        sx={{
          fontSize: 14,
          minHeight: { xs: 20, md: quiet ? 0 : 40 },
          color: question ? 'warning.main' : error ? 'error.main' : 'text.primary',
        }}
      >
        {message ?? <EarlierReadings view={view} target={target} />}
      </Box>
      {!quiet && (
        <NumberPad mayBeNegative={mayBeNegative} onKey={props.onPadKey} onDelete={props.onPadDelete} />
      )}
      {question ? (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {question.suggestionMm !== null && (
            <Button variant="contained" onClick={() => onAnswer('suggestion')} disabled={busy}>
              Take {formatMm(question.suggestionMm)}
            </Button>
          )}
          {question.keepAllowed && (
            <Button variant="outlined" color="warning" onClick={() => onAnswer('keep')} disabled={busy}>
              Keep {formatMm(question.valueMm)}
            </Button>
          )}
          <Button variant="outlined" onClick={() => onAnswer('again')}>
            Again
          </Button>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button
            type="submit"
            variant="contained"
            disabled={target === null && text === ''}
            sx={{ minHeight: quiet ? 44 : 52 }}
          >
            Accept <KeyCap name="Enter" />
          </Button>
          <Button
            variant="outlined"
            onClick={onVoid}
            sx={{ minHeight: quiet ? 44 : 52 }}
            title="Backspace takes the last reading back"
          >
            Take back <KeyCap name="Bksp" />
          </Button>
        </Box>
      )}
    </Box>
  )
}
