import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { readCaseSheetJson, writeCaseSheetJson } from '@/io/json/caseSheetJson'
import type { Db } from '@/data/client'
import { caseSheetById, caseSheetByName } from '@/data/queries/caseSheets'
import type { Refusal } from '../boundary'
import { refuse, validateRecord } from '../boundary'
import { saveRecord } from '../shop/records'

/** A case sheet as a JSON document. @returns null when there is no such sheet */
export async function caseSheetJsonOf(db: Db, id: number): Promise<{ name: string; text: string } | null> {
  const sheet = await caseSheetById(db, id)
  if (!sheet) return null
  const name = `${sheet.maker} ${sheet.reference}`.toLowerCase().replace(/[^a-z0-9]+/g, '-')
  return { name: `${name}.case-sheet.json`, text: writeCaseSheetJson(sheet) }
}

/** Takes a case sheet from a JSON document. A case that has a sheet here keeps its own. */
export async function takeCaseSheetJson(
  db: Db,
  text: string,
  now: Date,
): Promise<{ ok: true; id: number } | Refusal> {
  const document = readCaseSheetJson(text)
  if (!document.ok) return refuse(document.message, 'file')
  const checked = validateRecord(CASE_SHEET_FIELDS, document.values)
  if (!checked.ok) return refuse(`Nothing taken. ${Object.values(checked.errors).join(' ')}`, 'file')
  const [maker, reference] = [String(checked.value['maker']), String(checked.value['reference'])]
  if (await caseSheetByName(db, maker, reference)) {
    return refuse(
      `${maker} ${reference} has a sheet here already: nothing was changed. Edit that one, or rename it first.`,
      'file',
    )
  }
  const saved = await saveRecord(db, { kind: 'case-sheet', id: null, fields: document.values }, now)
  if (!saved.ok) return saved
  const stored = await caseSheetByName(db, maker, reference)
  return stored ? { ok: true, id: stored.id } : refuse('The sheet was not stored. Try again.', 'file')
}
