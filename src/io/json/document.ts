/** A kind of document of ours. */
export interface DocumentKind {
  readonly format: string
  readonly version: number
  /** as “tray” */
  readonly one: string
}

export type Members = Readonly<Record<string, unknown>>

/** A document as text: what it is, then what it holds. */
export function writeDocument({ format, version }: DocumentKind, members: object, indent: number): string {
  return `${JSON.stringify({ format, formatVersion: version, ...members }, null, indent)}\n`
}

/** Reads a document of a kind; what it holds has still to be checked. @returns its members, or what it is not */
export function readDocument(
  text: string,
  { format, version, one }: DocumentKind,
): { ok: true; members: Members } | { ok: false; message: string } {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch {
    return { ok: false, message: `This file is not JSON. Choose one that was saved as a ${one}.` }
  }
  const { format: said, formatVersion, ...members } = membersOf(document) ?? {}
  if (said !== format) return { ok: false, message: `This is no ${one}: “format” is not “${format}”.` }
  if (formatVersion !== version)
    return {
      ok: false,
      message: `This ${one} is of version ${String(formatVersion).slice(0, 12)}; this Whyalon reads version ${version}. Save it again from a matching one.`,
    }
  return { ok: true, members }
}

/** What an object of JSON holds by name; null for anything else. */
export function membersOf(value: unknown): Members | null {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Members) : null
}

/** The JSON Schema of a document. @param properties - of its members, all of which it has to have */
export function documentSchema(
  { format, version, one }: DocumentKind,
  properties: Readonly<Record<string, object>>,
): object {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Whyalon ${one}`,
    type: 'object',
    required: ['format', 'formatVersion', ...Object.keys(properties)],
    additionalProperties: false,
    properties: { format: { const: format }, formatVersion: { const: version }, ...properties },
  }
}
