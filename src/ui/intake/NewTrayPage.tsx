'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { CaseKindId } from '@/core/construction/caseKinds'
import { formText } from '@/core/records/formText'
import { CASE_KINDS } from '@/core/construction/caseKinds'
import { CONSTRUCTION_FIELDS, IDENTITY_FIELDS } from '@/core/records/constructionFields'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { Field } from '@/core/records/Field'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import { FormError } from '../forms/RecordForm'
import type { FormValues } from '../forms/FormValues'
import { RecordField } from '../forms/RecordField'
import { useRecordForm } from '../forms/useRecordForm'
import { useSentOnce } from '../forms/useSentOnce'
import { PageFrame } from '../shell/PageFrame'
import type { CaseChoice } from './CaseChooser'
import { CaseChooser } from './CaseChooser'
import { NewCaseFields } from './NewCaseFields'
import { dayAfter, instantOf } from '@/core/units/shopTime'
import { useTimes } from '../small/useTimes'

export interface NewTrayPageProps {
  readonly sheets: readonly CaseChoice[]
  readonly openTray: Calls['openTray']
}

const USUAL_DAYS = 3
const USUAL_HOUR = '16:00'
const SHEET_FIELDS = [...IDENTITY_FIELDS, ...CONSTRUCTION_FIELDS]
const SHEET_NAMES = new Set(SHEET_FIELDS.map((field) => field.name))
const FIRST_KIND: CaseKindId = 'everyday'

/** Takes a piece in: which case, known or new, what is broken, what is asked, whose it is, when it is due. */
export function NewTrayPage({ sheets, openTray }: NewTrayPageProps) {
  const router = useRouter()
  const open = useSentOnce(openTray)
  const [chosen, setChosen] = useState<CaseChoice | null>(null)
  const [kind, setKind] = useState<CaseKindId | null>(null)
  const [caseError, setCaseError] = useState<string | null>(null)
  const { zone } = useTimes()
  const form = useRecordForm(
    [...SHEET_FIELDS, ...TRAY_FIELDS],
    {
      ...CASE_KINDS[FIRST_KIND],
      asked: 'crystal',
      gasketPresent: true,
      dueAt: `${dayAfter(zone, new Date(), USUAL_DAYS)}T${USUAL_HOUR}`,
    },
    async (values) => {
      setCaseError(null)
      const result = await open({ ...sheetOf(values, chosen, kind), fields: trayOf(values, zone) })
      if (result.ok) router.push(`/trays/${result.number}`)
      else setCaseError(result.errors['caseSheetId'] ?? null)
      return result.ok ? result : { ok: false, errors: withoutSheet(result.errors) }
    },
  )

  const takeKind = (id: CaseKindId) => {
    setKind(id)
    for (const field of [...CONSTRUCTION_FIELDS, ...TRAY_FIELDS]) {
      const usual: unknown = (CASE_KINDS[id] as Record<string, unknown>)[field.name]
      if (usual !== undefined) form.setValue(field.name, formText(field, usual as string | null))
    }
  }
  const trayFields = form.shown.filter((field) => !SHEET_NAMES.has(field.name))
  const short = trayFields.filter((field) => !isLong(field))
  const long = trayFields.filter(isLong)

  return (
    <PageFrame title="New tray" subtitle="one job, one case; everything here can be corrected later">
      <Box component="form" noValidate onSubmit={(event) => void form.submit(event)} sx={{ maxWidth: 1020 }}>
        <FormError message={form.error} />
        <CaseChooser
          sheets={sheets}
          error={caseError}
          onKnown={(sheet) => {
            setChosen(sheet)
            setKind(null)
            setCaseError(null)
            if (sheet) {
              form.setValue('classBar', sheet.classBar === null ? '' : String(sheet.classBar))
              form.setValue('diver', sheet.diver)
              form.setValue('use', sheet.use)
            }
          }}
          onNew={(maker, reference) => {
            setChosen(null)
            setCaseError(null)
            form.setValue('maker', maker)
            form.setValue('reference', reference)
            takeKind(FIRST_KIND)
          }}
        />
        {kind !== null && (
          <NewCaseFields
            kind={kind}
            onKind={takeKind}
            fields={form.shown.filter((field) => SHEET_NAMES.has(field.name))}
            values={form.values}
            control={form.control}
          />
        )}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', md: '1fr 1fr 1fr' },
            columnGap: 1.5,
          }}
        >
          {short.map((field) => (
            <RecordField key={field.name} field={field} control={form.control} dense={false} />
          ))}
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 1.5 }}>
          {long.map((field) => (
            <Box key={field.name}>
              <RecordField field={field} control={form.control} dense />
            </Box>
          ))}
        </Box>
        <Button type="submit" variant="contained" disabled={form.busy} sx={{ mt: 1 }}>
          Open the tray
        </Button>
      </Box>
    </PageFrame>
  )
}

function isLong(field: Field): boolean {
  return field.kind === 'text' && field.multiline === true
}

function sheetOf(values: FormValues, chosen: CaseChoice | null, kind: CaseKindId | null) {
  if (kind === null) return chosen ? { caseSheetId: chosen.id } : {}
  return { newSheet: Object.fromEntries(Object.entries(values).filter(([name]) => SHEET_NAMES.has(name))) }
}

/** The tray's part of the form; the due time leaves as an instant, not as the shop's clock shows it. */
function trayOf(values: FormValues, zone: string): FormValues {
  const own = Object.fromEntries(Object.entries(values).filter(([name]) => !SHEET_NAMES.has(name)))
  const due = own['dueAt']
  return { ...own, dueAt: typeof due === 'string' ? (instantOf(zone, due)?.toISOString() ?? '') : '' }
}

/** The sheet's error stands at its own field. */
function withoutSheet(errors: Refusal['errors']): Refusal['errors'] {
  return Object.fromEntries(Object.entries(errors).filter(([name]) => name !== 'caseSheetId'))
}
