import type { CaseSheet } from '../tray/CaseSheet'
import { CASE_SHEET_FIELDS } from './caseSheetFields'
import { checkField } from './checkRecord'
import { isShown, narrowedField } from './Field'

/**
 * A case sheet as far as a form has it: what is wrong so far, or not asked, counts as not known.
 * @param typed - text and ticks by field name
 */
export function caseSheetDraft(typed: Readonly<Record<string, string | boolean | undefined>>): CaseSheet {
  const draft = Object.fromEntries(
    CASE_SHEET_FIELDS.map((field) => {
      const valueOf = (name: string) => typed[name]
      const checked = isShown(field, valueOf)
        ? checkField(narrowedField(field, valueOf), typed[field.name])
        : null
      return [field.name, checked?.ok ? checked.value : null]
    }),
  )
  // The fields are those of the sheet, and each was checked as it is when a sheet is stored.
  return draft as unknown as CaseSheet
}
