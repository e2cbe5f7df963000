import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { Control } from 'react-hook-form'
import { constructionOf, isRetention } from '@/core/construction/constructions'
import type { CaseKindId } from '@/core/construction/caseKinds'
import { CASE_KIND_IDS, CASE_KINDS } from '@/core/construction/caseKinds'
import type { Field } from '@/core/records/Field'
import type { FormValues } from '../forms/FormValues'
import { RecordField } from '../forms/RecordField'

export interface NewCaseFieldsProps {
  readonly kind: CaseKindId
  readonly onKind: (kind: CaseKindId) => void
  /** fields of the sheet that are asked now */
  readonly fields: readonly Field[]
  readonly values: Readonly<Record<string, unknown>>
  readonly control: Control<FormValues>
}

/** A case nobody has seen: its name, what it looks like, and only on wish every detail of how it is built. */
export function NewCaseFields({ kind, onKind, fields, values, control }: NewCaseFieldsProps) {
  const [open, setOpen] = useState(false)
  const [maker, reference, ...construction] = fields
  return (
    <Box sx={{ borderLeft: 3, borderColor: 'primary.main', pl: 2, mb: 1 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 1.5 }}>
        {[maker, reference].map(
          (field) => field && <RecordField key={field.name} field={field} control={control} dense={false} />,
        )}
      </Box>
      <ToggleButtonGroup
        exclusive
        value={kind}
        onChange={(_, next: CaseKindId | null) => next && onKind(next)}
        aria-label="What it looks like"
        sx={{ flexWrap: 'wrap', mt: 0.5 }}
      >
        {CASE_KIND_IDS.map((id) => (
          <ToggleButton key={id} value={id}>
            {CASE_KINDS[id].label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Typography sx={{ mt: 0.75 }} data-testid="case-in-words">
        Taken as: {inWords(values)}.{' '}
        <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open} sx={{ minHeight: 32 }}>
          {open ? 'that is all' : 'differs: change it'}
        </Button>
      </Typography>
      {open && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' },
            columnGap: 1.5,
          }}
        >
          {construction.map((field) => (
            <RecordField key={field.name} field={field} control={control} dense />
          ))}
        </Box>
      )}
    </Box>
  )
}

/** What is taken for granted, so that it can be seen to be wrong. */
function inWords(values: Readonly<Record<string, unknown>>): string {
  const word = (name: string) => {
    const value = values[name]
    return typeof value === 'string' ? value.replaceAll('-', ' ') : ''
  }
  const retention = values['retention']
  const held = isRetention(retention) ? constructionOf(retention).words.held : ''
  const bezel = word('bezelKind') === 'none' ? 'no bezel' : `${word('bezelKind')} bezel`
  const insert = word('insertMaterial')
  const parts = [
    held,
    `${word('crystalMaterial')} ${word('crystalProfile')}`.trim(),
    insert && insert !== 'none' ? `${bezel} with ${insert} insert` : bezel,
    `${word('backKind') || 'unknown'} back`,
    `${word('movementKind')} movement`,
    word('crownKind') === 'none' ? 'no crown' : `${word('crownKind')} crown`,
  ]
  return parts.filter(Boolean).join('; ')
}
