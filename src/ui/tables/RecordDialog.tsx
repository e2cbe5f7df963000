'use client'
import type { FieldValue } from '@/core/records/checkRecord'
import type { FieldGroup } from '@/core/records/caseSheetGroups'
import type { Field } from '@/core/records/Field'
import type { RecordKind } from '@/services/shop/records'
import { FormDialog } from '../forms/FormDialog'
import type { RecordFormProps } from '../forms/RecordForm'
import { RecordForm } from '../forms/RecordForm'
import { useSentOnce } from '../forms/useSentOnce'
import type { Calls } from '@/services/actions'

/** What is being edited: a row, or a new one with what it starts from. */
export interface EditedRecord {
  readonly kind: RecordKind
  readonly id: number | null
  readonly title: string
  readonly fields: readonly Field[]
  readonly groups?: readonly FieldGroup[]
  readonly initial: Readonly<Record<string, FieldValue | undefined>>
  readonly beside?: RecordFormProps['beside']
}

export interface RecordDialogProps {
  readonly record: EditedRecord
  readonly save: Calls['saveRecord']
  readonly onClose: () => void
}

/** A record's form in a dialog; closes only when it is stored or left. */
export function RecordDialog({ record, save, onClose }: RecordDialogProps) {
  const store = useSentOnce(save)
  return (
    <FormDialog title={record.title} width={record.beside ? 'wide' : 'usual'} onClose={onClose}>
      <RecordForm
        fields={record.fields}
        {...(record.groups && { groups: record.groups })}
        {...(record.beside && { beside: record.beside })}
        initial={record.initial}
        submitLabel="Store"
        onSubmit={async (values, was) => {
          const result = await store({ kind: record.kind, id: record.id, fields: values, was })
          if (result.ok) onClose()
          return result
        }}
      />
    </FormDialog>
  )
}
