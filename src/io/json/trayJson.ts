import type { DocumentKind, Members } from './document'
import { documentSchema, readDocument, writeDocument } from './document'

const TRAY: DocumentKind = { format: 'whyalon-tray', version: 1, one: 'tray' }

/** Where the schema is served from. */
export const TRAY_SCHEMA_PATH = '/tray.schema.json'

/** A tray with all that is kept of it as a document of its own. @param records - lists of rows by table */
export function writeTrayJson(records: object): string {
  return writeDocument(TRAY, records, 1)
}

/** Reads a document written by `writeTrayJson`; what is in it has still to be checked. */
export function readTrayJson(text: string): { ok: true; members: Members } | { ok: false; message: string } {
  return readDocument(text, TRAY)
}

/** The JSON Schema of the document. @param records - of the lists, by their names */
export function traySchema(records: Readonly<Record<string, object>>): object {
  const description = 'What points to a row of a list is its place there, counted from 1.'
  return { ...documentSchema(TRAY, records), description }
}
