import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import FormHelperText from '@mui/material/FormHelperText'
import { useState } from 'react'
import type { Field } from '@/core/records/Field'
import { manyOf } from '@/core/records/Field'

export interface ManyFieldProps {
  readonly field: Extract<Field, { kind: 'many' }>
  /** chosen values with commas between */
  readonly value: string
  readonly error: string | undefined
  readonly onChange: (value: string) => void
}

/** Several of a handful of options, each a tap; arrow keys walk them, space takes one. */
export function ManyField({ field, value, error, onChange }: ManyFieldProps) {
  const [stop, setStop] = useState(0)
  const chosen = new Set(manyOf(value))
  const toggle = (option: string) => {
    if (chosen.has(option)) chosen.delete(option)
    else chosen.add(option)
    // In the order offered, so that the same choice is always the same text.
    onChange(
      field.options
        .map((o) => o.value)
        .filter((v) => chosen.has(v))
        .join(','),
    )
  }
  return (
    <Box role="group" aria-label={field.label} sx={{ mt: 1, mb: 0.5 }}>
      <Box component="span" sx={{ fontSize: 13, color: 'text.secondary' }}>
        {field.label}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.25 }} onKeyDown={walkByArrows}>
        {field.options.map((option, i) => {
          const on = chosen.has(option.value)
          return (
            <ButtonBase
              key={option.value}
              role="checkbox"
              aria-checked={on}
              tabIndex={i === stop ? 0 : -1}
              onFocus={() => setStop(i)}
              onClick={() => toggle(option.value)}
              sx={{
                minHeight: 40,
                px: 1.5,
                border: 1,
                borderColor: on ? 'primary.main' : 'divider',
                borderRadius: 1,
                bgcolor: on ? 'var(--mui-palette-paper-chosen)' : 'transparent',
                fontWeight: on ? 700 : 400,
                fontSize: 15,
              }}
            >
              {on && <span aria-hidden="true">✓&nbsp;</span>}
              {option.label}
            </ButtonBase>
          )
        })}
      </Box>
      {(error ?? field.help) && (
        <FormHelperText error={error !== undefined}>{error ?? field.help}</FormHelperText>
      )}
    </Box>
  )
}

/** One tab stop for the row: arrow keys move inside it. */
function walkByArrows(event: React.KeyboardEvent<HTMLElement>) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (step === undefined) return
  const options = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=checkbox]')]
  const at = options.findIndex((option) => option === document.activeElement)
  options[(at + step + options.length) % options.length]?.focus()
  event.preventDefault()
}
