import { formatMm } from '../units/formatMm'
import { moneyText } from '../units/moneyText'
import type { FieldValue } from './checkRecord'
import type { Field } from './Field'
import { manyOf } from './Field'

/** A stored value as a person reads it; null where nothing is known. */
export function fieldText(field: Field, value: FieldValue | undefined): string | null {
  if (value === null || value === undefined || value === '') return null
  switch (field.kind) {
    case 'flag':
      return value === true ? 'yes' : 'no'
    case 'choice':
      return field.options.find((option) => option.value === value)?.label ?? String(value)
    case 'many':
      return manyOf(String(value))
        .map((one) => field.options.find((option) => option.value === one)?.label ?? one)
        .join(', ')
    case 'count':
      return [String(value), field.unit].filter(Boolean).join(' ')
    case 'money':
      return moneyText(Number(value))
    case 'figure':
      return formatMm(Number(value))
    default:
      return String(value)
  }
}
