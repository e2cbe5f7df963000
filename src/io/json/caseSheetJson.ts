import type { FieldValue } from '@/core/records/checkRecord'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { Field } from '@/core/records/Field'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { DocumentKind } from './document'
import { documentSchema, membersOf, readDocument, writeDocument } from './document'

const CASE_SHEET: DocumentKind = { format: 'whyalon-case-sheet', version: 1, one: 'case sheet' }
const CASE_SHEETS: DocumentKind = { format: 'whyalon-case-sheets', version: 1, one: 'list of case sheets' }

/** More cases than any bench knows. */
const MOST_SHEETS = 10_000

/** Where the schema is served from, beside the file's own address. */
export const CASE_SHEET_SCHEMA_PATH = '/case-sheet.schema.json'

/** A case sheet as a document of its own: every field of the sheet, none of the shop's trays. */
export function writeCaseSheetJson(sheet: CaseSheet): string {
  return writeDocument(CASE_SHEET, { sheet: fieldsOf(sheet) }, 2)
}

/** All case sheets of a shop in one document, as each would be in its own. */
export function writeCaseSheetsJson(sheets: readonly CaseSheet[]): string {
  return writeDocument(CASE_SHEETS, { sheets: sheets.map(fieldsOf) }, 2)
}

function fieldsOf(sheet: CaseSheet): object {
  const values: Readonly<Record<string, unknown>> = { ...sheet }
  return Object.fromEntries(CASE_SHEET_FIELDS.map(({ name }) => [name, values[name] ?? null]))
}

/** Values of one sheet by field. */
export type SheetFields = Readonly<Record<string, FieldValue>>

export type CaseSheetJson =
  { ok: true; sheets: readonly SheetFields[]; isOne: boolean } | { ok: false; message: string }

/**
 * Reads a document of one case sheet or of several. The fields' own limits are checked where a sheet is stored.
 * @returns the sheets' values, or a sentence saying what is wrong and what to do
 */
export function readCaseSheetJson(text: string): CaseSheetJson {
  const several = readDocument(text, CASE_SHEETS)
  if (several.ok) {
    const { sheets } = several.members
    return Array.isArray(sheets)
      ? sheetsOf(sheets, false)
      : wrong('“sheets” is missing: there is nothing to take in.')
  }
  const document = readDocument(text, CASE_SHEET)
  return document.ok ? sheetsOf([document.members['sheet']], true) : document
}

function sheetsOf(given: readonly unknown[], isOne: boolean): CaseSheetJson {
  if (given.length > MOST_SHEETS)
    return wrong(`${given.length} sheets; at most ${MOST_SHEETS}. Take them in pieces.`)
  const sheets: SheetFields[] = []
  for (const one of given) {
    const sheet = membersOf(one)
    if (!sheet) return wrong('“sheet” is missing: there is nothing to take in.')
    const odd = Object.entries(sheet).find(([, value]) => !isPlain(value))
    if (odd)
      return wrong(
        `“${odd[0].slice(0, 30)}” holds more than one value. Each field holds a figure, a word or nothing.`,
      )
    sheets.push(sheet as SheetFields)
  }
  return { ok: true, sheets, isOne }
}

function isPlain(value: unknown): boolean {
  return value === null || ['string', 'number', 'boolean'].includes(typeof value)
}

function wrong(message: string): CaseSheetJson {
  return { ok: false, message }
}

/** The JSON Schema of the document, from the same fields the form is drawn from. */
export function caseSheetSchema(): object {
  return documentSchema(CASE_SHEET, {
    sheet: {
      type: 'object',
      required: CASE_SHEET_FIELDS.filter((f) => 'required' in f && f.required && !f.shownWhen).map(
        (f) => f.name,
      ),
      additionalProperties: false,
      properties: Object.fromEntries(CASE_SHEET_FIELDS.map((field) => [field.name, propertyOf(field)])),
    },
  })
}

function propertyOf(field: Field): object {
  const description = [field.label, 'help' in field ? field.help : undefined].filter(Boolean).join('; ')
  switch (field.kind) {
    case 'figure':
      return {
        type: ['number', 'null'],
        minimum: field.leastMm,
        maximum: field.mostMm,
        description: `${description}, mm`,
      }
    case 'count':
      return { type: ['integer', 'null'], minimum: field.least, maximum: field.most, description }
    case 'choice':
      return { enum: [...field.options.map((o) => o.value), null], description }
    case 'flag':
      return { type: ['boolean', 'null'], description }
    case 'text':
      return { type: ['string', 'null'], maxLength: field.mostLength, description }
    default:
      return { type: ['string', 'null'], description }
  }
}
