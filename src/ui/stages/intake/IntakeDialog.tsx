'use client'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import { instantOf, wallOf } from '@/core/units/shopTime'
import type { TrayHeader } from '@/services/tray/trayHeader'
import type { FormValues } from '../../forms/FormValues'
import { FormDialog } from '../../forms/FormDialog'
import { RecordForm } from '../../forms/RecordForm'
import type { RecordAnswer } from '../../forms/useRecordForm'
import { useTimes } from '../../small/useTimes'

export interface IntakeDialogProps {
  readonly tray: TrayHeader
  readonly onClose: () => void
  readonly onStore: (values: FormValues) => Promise<RecordAnswer>
}

/** Corrects what was written at intake; steps and hazards follow. */
export function IntakeDialog({ tray, onClose, onStore }: IntakeDialogProps) {
  const { zone } = useTimes()
  const dueAt = wallOf(zone, new Date(tray.dueAt))
  return (
    <FormDialog title={`Correct intake of tray ${tray.number}`} onClose={onClose}>
      <RecordForm
        fields={TRAY_FIELDS}
        initial={{ ...fieldsOf(tray), asked: tray.asked.join(','), dueAt }}
        submitLabel="Store"
        onSubmit={(values) => {
          const due = values['dueAt']
          const instant = typeof due === 'string' ? (instantOf(zone, due)?.toISOString() ?? '') : ''
          // Untouched, the due time goes back to the second it was stored with.
          return onStore({ ...values, dueAt: due === dueAt ? tray.dueAt : instant })
        }}
      />
    </FormDialog>
  )
}

/** The tray without what is no field of the form. */
function fieldsOf({ schools, asked, ...rest }: TrayHeader) {
  return rest
}
