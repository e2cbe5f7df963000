'use client'
import Box from '@mui/material/Box'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import InputAdornment from '@mui/material/InputAdornment'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import dynamic from 'next/dynamic'
import { memo } from 'react'
import type { Control } from 'react-hook-form'
import { Controller } from 'react-hook-form'
import type { Field } from '@/core/records/Field'
import type { AskedDay } from './DayField'
import type { FormValues } from './FormValues'
import { ManyField } from './ManyField'

// Most forms ask for no day, and its calendar is heavy.
const DayField = dynamic(() => import('./DayField').then((m) => m.DayField), {
  loading: () => <TextField fullWidth margin="dense" disabled helperText=" " />,
})

export interface RecordFieldProps {
  readonly field: Field
  readonly control: Control<FormValues>
  /** for a narrow panel */
  readonly dense: boolean
  /** keeps a line free under a field that has no help, so that an error moves nothing */
  readonly errorLine?: boolean
}

/**
 * One field of a record, drawn by its kind; its help or its error has a line of its own. It follows its own value by
 * itself: a form that looks at what is typed does not draw its other fields anew at each key.
 */
export const RecordField = memo(function RecordField({
  field,
  control,
  dense,
  errorLine = !dense,
}: RecordFieldProps) {
  const wide = field.kind === 'many' || (field.kind === 'text' && field.multiline)
  return (
    <Box sx={{ gridColumn: wide ? '1 / -1' : undefined }}>
      <Controller
        name={field.name}
        control={control}
        // Its ref is the input's alone: given to what stands around it, nothing could be focused.
        render={({ field: { ref, ...input }, fieldState }) =>
          field.kind === 'many' ? (
            <ManyField
              field={field}
              value={typeof input.value === 'string' ? input.value : ''}
              error={fieldState.error?.message}
              onChange={input.onChange}
            />
          ) : field.kind === 'flag' ? (
            <FormControlLabel
              label={field.label}
              control={
                <Checkbox
                  checked={input.value === true}
                  onChange={input.onChange}
                  onBlur={input.onBlur}
                  slotProps={{ input: { ref: ref } }}
                />
              }
            />
          ) : isDay(field) ? (
            <DayField
              field={field}
              value={typeof input.value === 'string' ? input.value : ''}
              error={fieldState.error?.message}
              help={field.help ?? (errorLine ? ' ' : undefined)}
              inputRef={ref}
              onChange={input.onChange}
              onBlur={input.onBlur}
            />
          ) : (
            <TextField
              {...input}
              inputRef={ref}
              fullWidth
              margin="dense"
              label={field.label}
              required={field.required}
              error={fieldState.error !== undefined}
              helperText={fieldState.error?.message ?? field.help ?? (errorLine ? ' ' : undefined)}
              {...kindProps(field, dense)}
            />
          )
        }
      />
    </Box>
  )
})

function isDay(field: Field): field is AskedDay {
  return field.kind === 'date' || field.kind === 'date-time'
}

function kindProps(field: Exclude<Field, { kind: 'flag' | 'many' } | AskedDay>, dense: boolean) {
  const unit = 'unit' in field && field.unit ? field.unit : field.kind === 'figure' ? 'mm' : null
  const adornment = unit
    ? { input: { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } }
    : {}
  switch (field.kind) {
    case 'figure':
    case 'count':
    case 'money':
      return { slotProps: { ...adornment, htmlInput: { inputMode: keypadOf(field), className: 'figure' } } }
    case 'choice':
      return {
        select: true,
        children: [
          ...(field.required
            ? []
            : [
                <MenuItem key="" value="">
                  not known
                </MenuItem>,
              ]),
          ...field.options.map((option) => (
            <MenuItem key={option.value} value={option.value}>
              {option.label}
            </MenuItem>
          )),
        ],
      }
    case 'text':
      return field.multiline ? { multiline: true, minRows: dense ? 1 : 2 } : {}
  }
}

/** A phone's pad of figures has no minus on it: a figure that may be negative gets the whole keyboard. */
function keypadOf(field: Field): 'decimal' | 'text' {
  return field.kind === 'figure' && field.leastMm < 0 ? 'text' : 'decimal'
}
