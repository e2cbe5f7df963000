'use client'
import Autocomplete from '@mui/material/Autocomplete'
import Box from '@mui/material/Box'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { format, addDays, setHours, startOfHour } from 'date-fns'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { Refusal } from '@/services/boundary'
import { RecordForm } from '../forms/RecordForm'
import { PageFrame } from '../shell/PageFrame'

export interface NewTrayPageProps {
  readonly sheets: readonly { readonly id: number; readonly name: string }[]
  readonly openTray: (sheet: unknown, input: unknown) => Promise<{ ok: true; number: number } | Refusal>
}

const USUAL_DAYS = 3
const USUAL_HOUR = 16

/** Opens a tray: which case, how the crystal came in, whose it is, when it is due. */
export function NewTrayPage({ sheets, openTray }: NewTrayPageProps) {
  const router = useRouter()
  const [sheetId, setSheetId] = useState<number | null>(null)
  const [sheetError, setSheetError] = useState<string | null>(null)
  const due = setHours(startOfHour(addDays(new Date(), USUAL_DAYS)), USUAL_HOUR)
  return (
    <PageFrame title="New tray" subtitle="one job, one case">
      <Box sx={{ maxWidth: 900 }}>
        <Autocomplete
          options={sheets}
          getOptionLabel={(sheet) => sheet.name}
          autoHighlight
          onChange={(_, sheet) => {
            setSheetId(sheet?.id ?? null)
            setSheetError(null)
          }}
          renderInput={(params) => (
            <TextField
              {...params}
              label="Case"
              required
              autoFocus
              error={sheetError !== null}
              helperText={sheetError ?? 'type a few letters of maker or reference'}
            />
          )}
        />
        <Typography variant="body2" sx={{ mb: 1 }}>
          A case never seen before gets a sheet first: <Link href="/sheets/new">new case sheet</Link>.
        </Typography>
        <RecordForm
          fields={TRAY_FIELDS}
          initial={{
            crystalState: 'shattered',
            gasketPresent: true,
            dueAt: format(due, "yyyy-MM-dd'T'HH:mm"),
          }}
          submitLabel="Open the tray"
          onSubmit={async (values) => {
            const dueAt =
              typeof values['dueAt'] === 'string' && values['dueAt']
                ? new Date(values['dueAt']).toISOString()
                : ''
            const result = await openTray(
              { ...(sheetId !== null && { caseSheetId: sheetId }) },
              { ...values, dueAt },
            )
            if (result.ok) router.push(`/trays/${result.number}`)
            else setSheetError(result.errors['caseSheetId'] ?? null)
            return result.ok ? result : { ok: false, errors: withoutSheet(result.errors) }
          }}
        />
      </Box>
    </PageFrame>
  )
}

/** The sheet's error stands at its own field. */
function withoutSheet(errors: Refusal['errors']): Refusal['errors'] {
  return Object.fromEntries(Object.entries(errors).filter(([name]) => name !== 'caseSheetId'))
}
