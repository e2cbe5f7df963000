import { moneyText } from '../units/moneyText'
import type { FieldValue } from './checkRecord'
import type { Field } from './Field'

/** What a form shows of a field's value, and starts with. */
export function formText(field: Field, value: FieldValue | undefined): string | boolean {
  if (field.kind === 'flag') return value === true
  if (field.kind === 'money') return typeof value === 'number' ? moneyText(value) : ''
  return value === null || value === undefined ? '' : String(value)
}
