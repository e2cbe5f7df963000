'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import type { RecordKind } from '@/services/records'
import { RecordForm } from '../forms/RecordForm'
import type { SaveRecord } from './SaveRecord'

/** What is being edited: a row, or a new one with what it starts from. */
export interface EditedRecord {
  readonly kind: RecordKind
  readonly id: number | null
  readonly title: string
  readonly fields: readonly Field[]
  readonly initial: Readonly<Record<string, FieldValue | undefined>>
}

export interface RecordDialogProps {
  readonly record: EditedRecord
  readonly save: SaveRecord
  readonly onClose: () => void
}

/** A record's form in a dialog; closes only when it is stored or left. */
export function RecordDialog({ record, save, onClose }: RecordDialogProps) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="record-title" fullWidth maxWidth="md">
      <DialogTitle
        id="record-title"
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}
      >
        {record.title}
        <Button onClick={onClose}>Leave it</Button>
      </DialogTitle>
      <DialogContent>
        <RecordForm
          fields={record.fields}
          initial={record.initial}
          submitLabel="Store"
          onSubmit={async (values) => {
            const result = await save(record.kind, record.id, values)
            if (result.ok) onClose()
            return result
          }}
        />
      </DialogContent>
    </Dialog>
  )
}
