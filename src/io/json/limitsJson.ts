import { POLICY_FIELDS } from '@/core/policy/policyFields'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import { SCHOOL_IDS, SCHOOLS } from '@/core/procedure/schools'
import type { DocumentKind, Members } from './document'
import { documentSchema, membersOf, readDocument, writeDocument } from './document'

const LIMITS: DocumentKind = { format: 'whyalon-limits', version: 1, one: 'set of limits' }

/** Where the schema is served from. */
export const LIMITS_SCHEMA_PATH = '/limits.schema.json'

/** What a shop wants otherwise than built in, and what it always does where practitioners differ. */
export interface ShopLimits {
  readonly limits: Readonly<Record<string, number | string>>
  readonly schools: ChosenOptions
}

export function writeLimitsJson({ limits, schools }: ShopLimits): string {
  return writeDocument(LIMITS, { limits: inOrder(limits), schools: inOrder(schools) }, 2)
}

/** Whichever was set first. */
function inOrder(values: object): object {
  return Object.fromEntries(Object.entries(values).sort(([a], [b]) => (a < b ? -1 : 1)))
}

/** Reads a document written by `writeLimitsJson`; the limits themselves are checked where they are stored. */
export function readLimitsJson(
  text: string,
): { ok: true; limits: Members; schools: Members } | { ok: false; message: string } {
  const document = readDocument(text, LIMITS)
  if (!document.ok) return document
  const [limits, schools] = [membersOf(document.members['limits']), membersOf(document.members['schools'])]
  return limits && schools
    ? { ok: true, limits, schools }
    : { ok: false, message: '“limits” or “schools” is missing: there is nothing to take in.' }
}

/** The JSON Schema of the document, from the very fields and schools. */
export function limitsSchema(): object {
  return documentSchema(LIMITS, {
    limits: {
      type: 'object',
      additionalProperties: false,
      properties: Object.fromEntries(
        POLICY_FIELDS.map(({ field, group }) => [
          field.name,
          {
            description: `${group}: ${field.label}`,
            ...(field.kind === 'figure'
              ? { type: 'number', minimum: field.leastMm, maximum: field.mostMm }
              : { type: 'string' }),
          },
        ]),
      ),
    },
    schools: {
      type: 'object',
      additionalProperties: false,
      properties: Object.fromEntries(
        SCHOOL_IDS.map((id) => [
          id,
          { description: SCHOOLS[id].question, enum: Object.keys(SCHOOLS[id].options) },
        ]),
      ),
    },
  })
}
