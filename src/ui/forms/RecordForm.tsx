'use client'
import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import { useId } from 'react'
import type { Control } from 'react-hook-form'
import type { FieldGroup } from '@/core/records/caseSheetGroups'
import { inGroups } from '@/core/records/caseSheetGroups'
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
  /** as many columns as a panel holds, two in a narrow one */
  readonly dense?: true
  /** headings the fields stand under; without them they stand in their own order */
  readonly groups?: readonly FieldGroup[]
  /** what stands beside the fields and follows what is typed */
  readonly beside?: (typed: Partial<FormValues>) => ReactNode
  /** what stands over the button and follows what is typed */
  readonly note?: (typed: Partial<FormValues>) => ReactNode
  /**
   * @param was - what the record held as far as the form was told
   * @returns refusal with sentences by field, or ok
   */
  readonly onSubmit: (values: FormValues, was: FormValues) => Promise<RecordAnswer>
}

const DENSE_COLUMNS = 'repeat(auto-fill, minmax(126px, 1fr))'
const WIDE_COLUMNS = { xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' }
/** A long form is stored from wherever one is in it; over the labels, which lie above their fields. */
const ALWAYS_IN_SIGHT = {
  position: { xs: 'static', sm: 'sticky' },
  bottom: 'calc(0px - var(--form-foot, 0px))',
  zIndex: 2,
  py: 1,
  borderTop: 1,
  borderColor: 'divider',
  background: 'var(--form-ground, var(--mui-palette-background-default))',
}
/** A field reached by Tab stops above the bar, not behind it. */
const NOT_BEHIND_THE_BAR = { '& input, & textarea, & [role="combobox"]': { scrollMarginBottom: 88 } }
const BESIDE_COLUMNS = { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 440px' }

/** A form drawn from a record's fields. What was typed stays until it is stored; errors stand at their field. */
export function RecordForm(props: RecordFormProps) {
  const { fields, initial, submitLabel, dense = false, groups, beside, note, onSubmit } = props
  const { control, shown, values, submit, busy, error } = useRecordForm(fields, initial, onSubmit)
  const narrow = dense ? DENSE_COLUMNS : { xs: '1fr', sm: '1fr 1fr' }
  const columns = dense || beside ? narrow : WIDE_COLUMNS
  // A long form would be all gaps: there the fields move a little when one is refused.
  const grid = { control, columns, dense, errorLine: !dense && !groups }
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void submit(event)}
      sx={{ mt: 1, ...(groups && NOT_BEHIND_THE_BAR) }}
    >
      <FormError message={error} />
      <Box sx={beside && { display: 'grid', gridTemplateColumns: BESIDE_COLUMNS, columnGap: 4 }}>
        <Box sx={{ order: { xs: 1, lg: 0 } }}>
          {groups ? (
            inGroups(groups, shown).map(({ title, fields: own }) => (
              <FieldSection key={title} title={title} fields={own} {...grid} />
            ))
          ) : (
            <FieldGrid fields={shown} {...grid} />
          )}
        </Box>
        {beside && (
          <Box sx={{ position: { lg: 'sticky' }, top: 16, alignSelf: 'start' }}>{beside(values)}</Box>
        )}
      </Box>
      {note?.(values)}
      <Box sx={groups ? ALWAYS_IN_SIGHT : { mt: 1 }}>
        <Button type="submit" variant="contained" disabled={busy}>
          {submitLabel}
        </Button>
      </Box>
    </Box>
  )
}

interface FieldGridProps {
  readonly fields: readonly Field[]
  readonly control: Control<FormValues>
  readonly columns: string | Readonly<Record<string, string>>
  readonly dense: boolean
  readonly errorLine: boolean
}

function FieldGrid({ fields, columns, ...each }: FieldGridProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: columns, columnGap: 1.5, rowGap: each.dense ? 0 : 0.5 }}>
      {fields.map((field) => (
        <RecordField key={field.name} field={field} {...each} />
      ))}
    </Box>
  )
}

function FieldSection({ title, ...grid }: FieldGridProps & { readonly title: string }) {
  const id = useId()
  return (
    <Box role="group" aria-labelledby={id} sx={{ borderTop: 1, borderColor: 'divider', pt: 1.25, mb: 1.5 }}>
      <Typography id={id} variant="h2" component="h2" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <FieldGrid {...grid} />
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
