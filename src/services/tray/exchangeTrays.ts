import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { FieldValue } from '@/core/records/checkRecord'
import { checkField } from '@/core/records/checkRecord'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { Field } from '@/core/records/Field'
import { formText } from '@/core/records/formText'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import { INSTRUMENT_FIELDS, PRESS_FIELDS, TESTER_FIELDS } from '@/core/records/toolFields'
import { DIMENSION_IDS, DIMENSIONS } from '@/core/readings/dimensions'
import { STAGES } from '@/core/stages/stages'
import { MOST_PHOTOS } from '@/core/intake/photoLimits'
import type { Db } from '@/data/client'
import { trayRecordsObjection } from '@/data/exchange/checkTrayRecords'
import type { TrayRecords } from '@/data/exchange/readTrayRecords'
import { readTrayRecords } from '@/data/exchange/readTrayRecords'
import { storeTrayRecords } from '@/data/exchange/storeTrayRecords'
import type { ExchangeRow } from '@/data/exchange/trayTables'
import { POINTED } from '@/data/exchange/trayTables'
import { highestTrayNumber, sameTray, trayById, trayByNumber } from '@/data/queries/trays'
import { transact } from '@/data/transact'
import { readTrayJson, writeTrayJson } from '@/io/json/trayJson'
import type { Refusal } from '../boundary'
import { refuse, validateRecord } from '../boundary'
import { openTrayCases } from './openTrayCases'
import { keptPicture } from './pictures'
import { documentsObjection } from './trayDocuments'
import { trayView } from './trayView'

/** A tray with all that is kept of it as a JSON document, see docs/durability.md. @returns null when there is none of this number */
export async function trayFileOf(db: Db, number: number): Promise<{ name: string; text: string } | null> {
  const row = await trayByNumber(db, number)
  const records = row && (await readTrayRecords(db, row.tray.id))
  return records ? { name: `tray-${number}.json`, text: writeTrayJson(records) } : null
}

/** Ends a transaction in which nothing was to be kept. */
class NotTaken extends Error {}

/**
 * Takes a tray from a JSON document, all of it or nothing: under its own number, or the next free one where another tray has it.
 * What it points to (its case sheet, instruments, parts) is the shop's own where there is one of that name or code.
 */
export async function takeTrayFile(db: Db, text: string): Promise<{ ok: true; number: number } | Refusal> {
  const document = readTrayJson(text)
  if (!document.ok) return refuse(document.message, 'file')
  const objection = trayRecordsObjection(document.members)
  if (objection !== null) return refuse(`Nothing taken. ${objection}`, 'file')
  const records = document.members as unknown as TrayRecords
  const wrong = recordsObjection(records)
  if (wrong !== null) return refuse(`Nothing taken. ${wrong}`, 'file')
  const photos = await picturesOf(records.records['photos'] ?? [])
  if (!photos) return refuse('Nothing taken. photos: one of them is not a picture that can be read.', 'file')
  try {
    return await transact(db, (tx) => store(tx, { ...records, records: { ...records.records, photos } }))
  } catch (error) {
    if (error instanceof NotTaken) return refuse(error.message, 'file')
    throw error
  }
}

async function store(tx: Db, records: TrayRecords): Promise<{ ok: true; number: number }> {
  const { tray, shop } = records
  const pointed = (list: string, column: string) => shop[list]?.[Number(tray[column]) - 1]
  const [sheet, owner] = [pointed('case_sheets', 'caseSheetId'), pointed('owners', 'ownerId')]
  const there = await sameTray(tx, {
    openedAt: new Date(String(tray['openedAt'])),
    maker: String(sheet?.['maker']),
    reference: String(sheet?.['reference']),
    owner: String(owner?.['name']),
    ownerMark: String(tray['ownerMark']),
  })
  if (there !== null)
    throw new NotTaken(`This tray is here already, as ${there}: nothing was changed. Look at that one.`)
  const own = Number(tray['number'])
  const number = (await trayByNumber(tx, own)) ? ((await highestTrayNumber(tx)) ?? 0) + 1 : own
  await showable(tx, await storeTrayRecords(tx, records, number))
  return { ok: true, number }
}

/** What cannot be shown is not taken: a page that nobody can open helps nobody. */
async function showable(tx: Db, trayId: number): Promise<void> {
  const row = await trayById(tx, trayId)
  try {
    const [opened] = row ? await openTrayCases(tx, [row]) : []
    if (!opened) throw new Error('not there')
    await trayView(tx, opened)
  } catch {
    throw new NotTaken(
      'Nothing taken. What this file says of its case, shapes or picks does not go together: it was changed by hand, or by another program.',
    )
  }
}

/** What is against records by the rules of their forms; null where nothing is. */
function recordsObjection({ tray, records, shop }: TrayRecords): string | null {
  const lone = ['owners', 'case_sheets'].find((name) => !shop[name]?.length)
  if (lone !== undefined) return `${lone}: the tray needs one.`
  const owner = shop['owners']?.[Number(tray['ownerId']) - 1]?.['name']
  const asked = Array.isArray(tray['asked']) ? tray['asked'].join(',') : ''
  const number = Number(tray['number'])
  if (!(number > 0 && number < 1_000_000)) return 'tray: number is no tray’s, 1 to 999999.'
  if (!STAGES.some(({ id }) => id === tray['stage'])) return 'tray: stage is none of ours.'
  const checks: [string, readonly Field[], ExchangeRow][] = [['tray', TRAY_FIELDS, { ...tray, owner, asked }]]
  for (const { name, part } of POINTED) {
    const fields = part ? PARTS[part].fields : FIELDS_OF[name]
    if (fields) for (const row of shop[name] ?? []) checks.push([name, fields, row])
  }
  for (const own of (records['picks'] ?? []).flatMap(ownParts)) checks.push(own)
  for (const [name, fields, row] of checks) {
    const objection = formObjection(fields, row)
    if (objection !== null) return `${name}: ${objection}`
  }
  if ((records['photos']?.length ?? 0) > MOST_PHOTOS) return `photos: more than ${MOST_PHOTOS}.`
  return readingObjection(records['readings'] ?? []) ?? documentsObjection(tray, records)
}

/** The piece's own crystal and ring, as a pick keeps them. */
function ownParts({ ownCrystal, ownGasket }: ExchangeRow): [string, readonly Field[], ExchangeRow][] {
  const own = (name: string, kind: PartKind, part: unknown): [string, readonly Field[], ExchangeRow][] =>
    part === null ? [] : [[`picks, ${name}`, PARTS[kind].fields, { ...(part as ExchangeRow), drawer: '-' }]]
  return [...own('ownCrystal', 'crystal', ownCrystal), ...own('ownGasket', 'gasket', ownGasket)]
}

/** What the form of a record would say, of fields too that it would not ask for. */
function formObjection(fields: readonly Field[], row: ExchangeRow): string | null {
  const texts = fields.map((field) => [field, formText(field, row[field.name] as FieldValue)] as const)
  const asked = validateRecord(fields, Object.fromEntries(texts.map(([{ name }, text]) => [name, text])))
  if (!asked.ok) return Object.values(asked.errors).join(' ')
  for (const [field, text] of texts) {
    const check = text === '' ? null : checkField(field, text)
    if (check?.ok === false) return check.message
  }
  return null
}

const FIELDS_OF: Readonly<Record<string, readonly Field[]>> = {
  case_sheets: CASE_SHEET_FIELDS,
  instruments: INSTRUMENT_FIELDS,
  presses: PRESS_FIELDS,
  testers: TESTER_FIELDS,
}

function readingObjection(readings: readonly ExchangeRow[]): string | null {
  for (const [at, { dimension, placeIndex, shownMm }] of readings.entries()) {
    const id = DIMENSION_IDS.find((known) => known === dimension)
    if (!id) return `readings, row ${at + 1}: dimension is none of ours.`
    const { places, leastMm, mostMm, label } = DIMENSIONS[id]
    if (places[Number(placeIndex)] === undefined) return `readings, row ${at + 1}: placeIndex is no place.`
    if (!(Number(shownMm) >= leastMm && Number(shownMm) <= mostMm))
      return `readings, row ${at + 1}: ${label} is ${leastMm} to ${mostMm} mm, not ${Number(shownMm)}.`
  }
  return null
}

async function picturesOf(rows: readonly ExchangeRow[]): Promise<ExchangeRow[] | null> {
  const kept: ExchangeRow[] = []
  for (const row of rows) {
    const picture = await keptPicture(new Uint8Array(Buffer.from(String(row['bytes']), 'base64')))
    if (!picture) return null
    const { bytes, widthPx, heightPx } = picture
    kept.push({ ...row, bytes: Buffer.from(bytes).toString('base64'), widthPx, heightPx })
  }
  return kept
}
