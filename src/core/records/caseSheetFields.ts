import { CASE_FIGURE_FIELDS } from './caseFigureFields'
import { CONSTRUCTION_FIELDS, IDENTITY_FIELDS } from './constructionFields'
import type { Field } from './Field'

/** Everything a case sheet holds. */
export const CASE_SHEET_FIELDS: readonly Field[] = [
  ...IDENTITY_FIELDS,
  ...CONSTRUCTION_FIELDS,
  ...CASE_FIGURE_FIELDS,
  { kind: 'text', name: 'note', label: 'Note', required: false, mostLength: 1000, multiline: true },
]
