'use client'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { TrayHeader } from '@/services/tray/trayHeader'
import type { FormValues } from '../../forms/FormValues'
import { FormDialog } from '../../forms/FormDialog'
import { RecordForm } from '../../forms/RecordForm'
import type { RecordAnswer } from '../../forms/useRecordForm'

export interface IntakeDialogProps {
  readonly tray: TrayHeader
  /** in this bench's clock, for the field */
  readonly dueAt: string
  readonly onClose: () => void
  readonly onStore: (values: FormValues) => Promise<RecordAnswer>
}

/** Corrects what was written at intake; steps and hazards follow. */
export function IntakeDialog({ tray, dueAt, onClose, onStore }: IntakeDialogProps) {
  return (
    <FormDialog title={`Correct intake of tray ${tray.number}`} onClose={onClose}>
      <RecordForm
        fields={TRAY_FIELDS}
        initial={{ ...fieldsOf(tray), asked: tray.asked.join(','), dueAt }}
        submitLabel="Store"
        onSubmit={(values) => {
          const due = values['dueAt']
          const instant = typeof due === 'string' && due ? new Date(due).toISOString() : ''
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
