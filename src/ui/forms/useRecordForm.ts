'use client'
import { useEffect, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import type { FieldErrors, FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { isShown, narrowedField } from '@/core/records/Field'
import { formText } from '@/core/records/formText'
import type { FormValues } from './FormValues'

export type RecordAnswer =
  | { ok: true }
  /** `now`: what fields hold by now that were changed elsewhere */
  | { ok: false; errors: FieldErrors; now?: Readonly<Record<string, string | boolean>> }

const SERVER_AWAY = {
  ok: false,
  errors: {
    form: 'Not known whether it is stored: Whyalon does not answer. What you typed is still here; store once more when it does: it is stored once.',
  },
} as const

/** A form over a record's fields: what was typed stays until it is stored, errors stand at their field. */
export function useRecordForm(
  fields: readonly Field[],
  initial: Readonly<Record<string, FieldValue | undefined>>,
  onSubmit: (values: FormValues, was: FormValues) => Promise<RecordAnswer>,
) {
  const [opened] = useState(() =>
    Object.fromEntries(fields.map((field) => [field.name, formText(field, initial[field.name])])),
  )
  const form = useForm<FormValues>({ defaultValues: opened })
  /** what the record held as far as this form was told: as it was opened, or as a refusal said since */
  const [was, setWas] = useState<FormValues>(opened)
  const { control, handleSubmit, setError, clearErrors, formState, setValue } = form
  const values = useWatch({ control })
  const valueOf = (name: string): unknown => values[name]
  const shown = fields
    .filter((field) => isShown(field, valueOf))
    .map((field) => narrowedField(field, valueOf))
  // What another field rules out is set to what is usual instead, before anybody's eyes.
  const ruledOut = shown.find((field) => isRuledOut(field, values[field.name]))
  const [name, usual] = ruledOut?.kind === 'choice' ? [ruledOut.name, ruledOut.options[0]?.value] : []
  useEffect(() => {
    if (name !== undefined && usual !== undefined) setValue(name, usual)
  }, [name, usual, setValue])
  const names = new Set(shown.map((field) => field.name))
  const submit = handleSubmit(async (typed) => {
    clearErrors()
    // What is not asked is not sent: its text stays in the form in case it is asked again.
    const asked = Object.fromEntries(Object.entries(typed).filter(([name]) => names.has(name)))
    const result = await onSubmit(asked, was).catch(() => SERVER_AWAY)
    if (result.ok) return
    if ('now' in result) setWas({ ...was, ...result.now })
    // In a long form the first one may be out of sight: the focus goes there.
    for (const [at, [name, message]] of Object.entries(result.errors).entries())
      setError(names.has(name) ? name : 'root', { type: 'server', message }, { shouldFocus: at === 0 })
  })
  return {
    control,
    shown,
    values,
    submit,
    setValue,
    busy: formState.isSubmitting,
    error: formState.errors.root?.message ?? null,
  }
}

function isRuledOut(field: Field, value: unknown): boolean {
  return (
    field.kind === 'choice' &&
    field.narrowed !== undefined &&
    value !== '' &&
    value !== undefined &&
    !field.options.some((option) => option.value === value)
  )
}
