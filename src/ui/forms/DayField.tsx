'use client'
import { DatePicker } from '@mui/x-date-pickers/DatePicker'
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker'
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import { format, isValid, parse } from 'date-fns'
import { enGB } from 'date-fns/locale/en-GB'
import type { Ref } from 'react'
import { useState } from 'react'
import type { Field } from '@/core/records/Field'
import { timePattern } from '@/core/units/clockForm'
import { useTimes } from '../small/useTimes'

/** A field that asks for a day, or for a day and time. */
export type AskedDay = Extract<Field, { kind: 'date' | 'date-time' }>

export interface DayFieldProps {
  readonly field: AskedDay
  /** as the form keeps it: “2026-11-24”, or “2026-11-24T16:00”; empty where there is none */
  readonly value: string
  readonly error: string | undefined
  /** stands under the field where there is no error */
  readonly help: string | undefined
  readonly inputRef: Ref<HTMLInputElement>
  readonly onChange: (value: string) => void
  readonly onBlur: () => void
}

/** How a day is kept in a form. It is shown the same in every browser: weeks from Monday, hours as the shop writes them. */
const KEPT = { date: 'yyyy-MM-dd', 'date-time': "yyyy-MM-dd'T'HH:mm" } as const
const SHOWN_DAY = 'd MMM yyyy'

/** A day, or a day and time, typed part by part or chosen from a calendar. */
export function DayField({ field, value, error, help, inputRef, onChange, onBlur }: DayFieldProps) {
  const { kind, label, required } = field
  const { clock } = useTimes()
  // A day half typed is no day, and the form has none; here it stays as it is typed.
  const [typed, setTyped] = useState({ value, day: dayOf(value, kind) })
  if (typed.value !== value) setTyped({ value, day: dayOf(value, kind) })
  const take = (day: Date | null) => {
    const kept = day && isValid(day) ? format(day, KEPT[kind]) : ''
    setTyped({ value: kept, day })
    onChange(kept)
  }
  const Picker = kind === 'date' ? DatePicker : DateTimePicker
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns} adapterLocale={enGB}>
      <Picker
        label={label}
        value={typed.day}
        format={kind === 'date' ? SHOWN_DAY : `${SHOWN_DAY} ${timePattern(clock)}`}
        {...(kind === 'date-time' && { ampm: clock === '12-hour' })}
        onChange={take}
        slotProps={{
          textField: {
            fullWidth: true,
            margin: 'dense',
            size: 'small',
            required,
            inputRef,
            onBlur,
            error: error !== undefined,
            helperText: error ?? help,
          },
        }}
      />
    </LocalizationProvider>
  )
}

function dayOf(value: string, kind: AskedDay['kind']): Date | null {
  const day = parse(value, KEPT[kind], new Date(0))
  return isValid(day) ? day : null
}
