import type { ChoiceField } from './Field'
import { optionsOf } from './Field'

/** A choice among words used in the code, optional unless told otherwise. */
export function choice(
  name: string,
  label: string,
  values: readonly string[],
  required = false,
): ChoiceField {
  return { kind: 'choice', name, label, required, options: optionsOf(values) }
}
