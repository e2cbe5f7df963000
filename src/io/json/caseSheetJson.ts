import type { FieldValue } from '@/core/records/checkRecord'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { Field } from '@/core/records/Field'
import type { CaseSheet } from '@/core/tray/CaseSheet'

const CASE_SHEET_FORMAT = 'whyalon-case-sheet'
const CASE_SHEET_FORMAT_VERSION = 1

/** Where the schema is served from, beside the file's own address. */
export const CASE_SHEET_SCHEMA_PATH = '/case-sheet.schema.json'

/** A case sheet as a document of its own: every field of the sheet, none of the shop's trays. */
export function writeCaseSheetJson(sheet: CaseSheet): string {
  const values: Readonly<Record<string, unknown>> = { ...sheet }
  const fields = Object.fromEntries(CASE_SHEET_FIELDS.map(({ name }) => [name, values[name] ?? null]))
  const document = { format: CASE_SHEET_FORMAT, formatVersion: CASE_SHEET_FORMAT_VERSION, sheet: fields }
  return `${JSON.stringify(document, null, 2)}\n`
}

export type CaseSheetJson =
  { ok: true; values: Readonly<Record<string, FieldValue>> } | { ok: false; message: string }

/**
 * Reads a document written by `writeCaseSheetJson`. The fields' own limits are checked where the sheet is stored.
 * @returns the sheet's values, or a sentence saying what is wrong and what to do
 */
export function readCaseSheetJson(text: string): CaseSheetJson {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch {
    return wrong('This file is not JSON. Choose one that was saved from a case sheet.')
  }
  if (!isRecord(document) || document['format'] !== CASE_SHEET_FORMAT) {
    return wrong(`This is no case sheet: “format” is not “${CASE_SHEET_FORMAT}”.`)
  }
  const { formatVersion, sheet } = document
  if (formatVersion !== CASE_SHEET_FORMAT_VERSION) {
    return wrong(
      `This case sheet is of version ${String(formatVersion).slice(0, 12)}; this Whyalon reads version ${CASE_SHEET_FORMAT_VERSION}. Save it again from a matching one.`,
    )
  }
  if (!isRecord(sheet)) return wrong('“sheet” is missing: there is nothing to take in.')
  const values: Record<string, FieldValue> = {}
  for (const [name, value] of Object.entries(sheet)) {
    const plain = value === null || ['string', 'number', 'boolean'].includes(typeof value)
    if (!plain)
      return wrong(
        `“${name.slice(0, 30)}” holds more than one value. Each field holds a figure, a word or nothing.`,
      )
    values[name] = value as FieldValue
  }
  return { ok: true, values }
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

function wrong(message: string): CaseSheetJson {
  return { ok: false, message }
}

/** The JSON Schema of the document, from the same fields the form is drawn from. */
export function caseSheetSchema(): object {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Whyalon case sheet',
    type: 'object',
    required: ['format', 'formatVersion', 'sheet'],
    additionalProperties: false,
    properties: {
      format: { const: CASE_SHEET_FORMAT },
      formatVersion: { const: CASE_SHEET_FORMAT_VERSION },
      sheet: {
        type: 'object',
        required: CASE_SHEET_FIELDS.filter((f) => 'required' in f && f.required && !f.shownWhen).map(
          (f) => f.name,
        ),
        additionalProperties: false,
        properties: Object.fromEntries(CASE_SHEET_FIELDS.map((field) => [field.name, propertyOf(field)])),
      },
    },
  }
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
