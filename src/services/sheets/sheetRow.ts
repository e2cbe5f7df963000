import type { FieldValue } from '@/core/records/checkRecord'
import type { NewCaseSheet } from '@/data/queries/caseSheets'

/** A case sheet's row from its checked form: what was not asked, because it does not apply, is none. */
export function sheetRow(values: Readonly<Record<string, FieldValue>>): NewCaseSheet {
  // The values have been checked against the fields, which name the columns and their types.
  return {
    ...values,
    gasketColour: values['gasketColour'] || null,
    arCoating: values['arCoating'] ?? 'none',
    insertMaterial: values['insertMaterial'] ?? 'none',
  } as NewCaseSheet
}
