'use client'
import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useForm } from 'react-hook-form'
import type { FieldErrors, FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import type { FormValues } from './FormValues'
import { RecordField } from './RecordField'

export interface RecordFormProps {
  readonly fields: readonly Field[]
  readonly initial: Readonly<Record<string, FieldValue | undefined>>
  readonly submitLabel: string
  /** two columns at any width, for a narrow panel */
  readonly dense?: true
  /** @returns refusal with sentences by field, or ok */
  readonly onSubmit: (values: FormValues) => Promise<{ ok: true } | { ok: false; errors: FieldErrors }>
}

/** A form drawn from a record's fields. What was typed stays until it is stored; errors stand at their field. */
export function RecordForm({ fields, initial, submitLabel, dense, onSubmit }: RecordFormProps) {
  const { control, handleSubmit, setError, clearErrors, formState } = useForm<FormValues>({
    defaultValues: Object.fromEntries(
      fields.map((field) => [field.name, textOf(field, initial[field.name])]),
    ),
  })
  const names = new Set(fields.map((field) => field.name))
  const submit = handleSubmit(async (values) => {
    clearErrors()
    const result = await onSubmit(values).catch(() => SERVER_AWAY)
    if (result.ok) return
    for (const [name, message] of Object.entries(result.errors)) {
      setError(names.has(name) ? name : 'root', { type: 'server', message })
    }
  })
  const columns = dense ? '1fr 1fr' : { xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' }
  return (
    <Box component="form" noValidate onSubmit={(event) => void submit(event)} sx={{ mt: 1 }}>
      {formState.errors.root?.message && (
        <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
          {formState.errors.root.message}
        </Alert>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns, columnGap: 1.5, rowGap: dense ? 0 : 0.5 }}>
        {fields.map((field) => (
          <RecordField key={field.name} field={field} control={control} dense={dense === true} />
        ))}
      </Box>
      <Button type="submit" variant="contained" disabled={formState.isSubmitting} sx={{ mt: 1 }}>
        {submitLabel}
      </Button>
    </Box>
  )
}

const SERVER_AWAY = {
  ok: false,
  errors: {
    form: 'Not stored: Whyalon does not answer. What you typed is still here; start it again and store once more.',
  },
} as const

function textOf(field: Field, value: FieldValue | undefined): string | boolean {
  if (field.kind === 'flag') return value === true
  return value === null || value === undefined ? '' : String(value)
}
