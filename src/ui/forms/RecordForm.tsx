'use client'
import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import type { FormValues } from './FormValues'
import { RecordField } from './RecordField'
import type { RecordAnswer } from './useRecordForm'
import { useRecordForm } from './useRecordForm'

export interface RecordFormProps {
  readonly fields: readonly Field[]
  readonly initial: Readonly<Record<string, FieldValue | undefined>>
  readonly submitLabel: string
  /** two columns at any width, for a narrow panel */
  readonly dense?: true
  /** @returns refusal with sentences by field, or ok */
  readonly onSubmit: (values: FormValues) => Promise<RecordAnswer>
}

/** A form drawn from a record's fields. What was typed stays until it is stored; errors stand at their field. */
export function RecordForm({ fields, initial, submitLabel, dense, onSubmit }: RecordFormProps) {
  const { control, shown, submit, busy, error } = useRecordForm(fields, initial, onSubmit)
  const columns = dense ? '1fr 1fr' : { xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' }
  return (
    <Box component="form" noValidate onSubmit={(event) => void submit(event)} sx={{ mt: 1 }}>
      <FormError message={error} />
      <Box sx={{ display: 'grid', gridTemplateColumns: columns, columnGap: 1.5, rowGap: dense ? 0 : 0.5 }}>
        {shown.map((field) => (
          <RecordField key={field.name} field={field} control={control} dense={dense === true} />
        ))}
      </Box>
      <Button type="submit" variant="contained" disabled={busy} sx={{ mt: 1 }}>
        {submitLabel}
      </Button>
    </Box>
  )
}

/** What is wrong with the whole of a form. */
export function FormError({ message }: { message: string | null }) {
  if (message === null) return null
  return (
    <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
      {message}
    </Alert>
  )
}
