'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { TrayHeader } from '@/services/trayView'
import type { FormValues } from '../forms/FormValues'
import { RecordForm } from '../forms/RecordForm'
import type { RecordAnswer } from '../forms/useRecordForm'

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
    <Dialog open onClose={onClose} aria-labelledby="intake-title" fullWidth maxWidth="md">
      <DialogTitle
        id="intake-title"
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}
      >
        Correct intake of tray {tray.number}
        <Button onClick={onClose}>Leave it</Button>
      </DialogTitle>
      <DialogContent>
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
      </DialogContent>
    </Dialog>
  )
}

/** The tray without what is no field of the form. */
function fieldsOf({ schools, asked, ...rest }: TrayHeader) {
  return rest
}
