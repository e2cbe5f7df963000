import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { SheetFields } from '@/io/json/caseSheetJson'
import { readCaseSheetJson, writeCaseSheetJson, writeCaseSheetsJson } from '@/io/json/caseSheetJson'
import type { Db } from '@/data/client'
import { allCaseSheets, caseSheetById, caseSheetByName } from '@/data/queries/caseSheets'
import { transact } from '@/data/transact'
import type { Refusal } from '../boundary'
import { refuse, validateRecord } from '../boundary'
import { saveRecord } from '../shop/records'

interface NamedFile {
  readonly name: string
  readonly text: string
}

/** A case sheet as a JSON document. @returns null when there is no such sheet */
export async function caseSheetJsonOf(db: Db, id: number): Promise<NamedFile | null> {
  const sheet = await caseSheetById(db, id)
  if (!sheet) return null
  const name = `${sheet.maker} ${sheet.reference}`.toLowerCase().replace(/[^a-z0-9]+/g, '-')
  return { name: `${name}.case-sheet.json`, text: writeCaseSheetJson(sheet) }
}

/** Every case sheet in one JSON document, by maker and reference. */
export async function caseSheetsJson(db: Db): Promise<NamedFile> {
  const sheets = await allCaseSheets(db)
  const named = (sheet: { maker: string; reference: string }) =>
    JSON.stringify([sheet.maker, sheet.reference])
  return {
    name: 'case-sheets.json',
    text: writeCaseSheetsJson([...sheets].sort((a, b) => (named(a) < named(b) ? -1 : 1))),
  }
}

export interface SheetsTaken {
  readonly ok: true
  /** of the sheet, where the document is of one; null else */
  readonly id: number | null
  readonly taken: number
  /** left as they are here */
  readonly known: number
}

/** Ends a transaction in which nothing was to be kept. */
class NotTaken extends Error {
  constructor(readonly refusal: Refusal) {
    super('not taken')
  }
}

/** Takes case sheets from a JSON document, all or none. A case that has a sheet here keeps its own. */
export async function takeCaseSheetJson(db: Db, text: string, now: Date): Promise<SheetsTaken | Refusal> {
  const document = readCaseSheetJson(text)
  if (!document.ok) return refuse(document.message, 'file')
  const { sheets, isOne } = document
  try {
    return await transact(db, async (tx) => {
      let [id, taken]: [number | null, number] = [null, 0]
      for (const sheet of sheets) {
        const outcome = await takeSheet(tx, sheet, now)
        if (outcome !== null && 'ok' in outcome) throw new NotTaken(outcome)
        if (outcome !== null) [id, taken] = [outcome.id, taken + 1]
        else if (isOne) throw new NotTaken(isKnown(sheet))
      }
      return { ok: true as const, id: isOne ? id : null, taken, known: sheets.length - taken }
    })
  } catch (error) {
    if (error instanceof NotTaken) return error.refusal
    throw error
  }
}

function isKnown({ maker, reference }: SheetFields): Refusal {
  return refuse(
    `${String(maker)} ${String(reference)} has a sheet here already: nothing was changed. Edit that one, or rename it first.`,
    'file',
  )
}

/** @returns null where the case has a sheet here */
async function takeSheet(tx: Db, sheet: SheetFields, now: Date): Promise<{ id: number } | Refusal | null> {
  const checked = validateRecord(CASE_SHEET_FIELDS, sheet)
  if (!checked.ok) {
    const whose = [sheet['maker'], sheet['reference']].filter(Boolean).join(' ')
    return refuse(`Nothing taken. ${whose}: ${Object.values(checked.errors).join(' ')}`, 'file')
  }
  const [maker, reference] = [String(checked.value['maker']), String(checked.value['reference'])]
  if (await caseSheetByName(tx, maker, reference)) return null
  const saved = await saveRecord(tx, { kind: 'case-sheet', id: null, fields: sheet }, now)
  if (!saved.ok) return saved
  const stored = await caseSheetByName(tx, maker, reference)
  return stored ? { id: stored.id } : refuse('The sheet was not stored. Try again.', 'file')
}
