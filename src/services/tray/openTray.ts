import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { CONSTRUCTION_FIELDS, IDENTITY_FIELDS } from '@/core/records/constructionFields'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { caseSheetById, caseSheetByName, insertCaseSheets } from '@/data/queries/caseSheets'
import { highestTrayNumber, insertTrays } from '@/data/queries/trays'
import { transact } from '@/data/transact'
import type { Action } from '../action'
import { action } from '../action'
import type { Refusal, Validated } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord, withFields } from '../boundary'
import { intakeRow, ownerId } from './intakeRow'
import { sheetRow } from '../sheets/sheetRow'

/** Trays are numbered from here in a new shop: three figures are easy to call across a room. */
const FIRST_NUMBER = 101

const CASE_MISSING = 'Case is missing: choose its sheet, or choose “new case” and name it.'
const sheetSchema = Joi.object<{ caseSheetId: number }>({
  caseSheetId: idSchema.required().messages({ 'any.required': CASE_MISSING, 'number.base': CASE_MISSING }),
})

/** What a new case needs to be told apart and worked on; figures come as they are measured. */
const NEW_SHEET_FIELDS = [...IDENTITY_FIELDS, ...CONSTRUCTION_FIELDS]

/** What is sent to open a tray. */
interface OpenTraySent {
  /** a known case, or the fields of a new one; neither is told as missing */
  readonly caseSheetId?: number | undefined
  readonly newSheet?: Readonly<Record<string, unknown>>
  /** of the intake form */
  readonly fields: Readonly<Record<string, unknown>>
}

interface Opening {
  readonly sheet: SheetValues
  readonly values: Record<string, FieldValue>
}

/** Opens a new tray for a case. An owner or a case not known yet is added in the same breath. */
export const openTray: Action<OpenTraySent, { ok: true; number: number }> = action(checkOpening, openChecked)

function checkOpening(input: unknown): Validated<Opening> {
  const { rest, fields } = withFields(input)
  const { newSheet, ...known } = rest
  const checked = validateBoth<SheetValues, Record<string, FieldValue>>(
    newSheet === undefined ? validate(sheetSchema, known) : validateRecord(NEW_SHEET_FIELDS, newSheet),
    validateRecord(TRAY_FIELDS, fields),
  )
  return checked.ok ? { ok: true, value: { sheet: checked.value[0], values: checked.value[1] } } : checked
}

async function openChecked(
  db: Db,
  { sheet, values }: Opening,
  now: Date,
): Promise<{ ok: true; number: number } | Refusal> {
  const refusal = (await unknownSheet(db, sheet)) ?? (await knownSheet(db, sheet))
  if (refusal) return refusal
  const row = intakeRow(values)
  if (row.dueAt.getTime() < now.getTime())
    return refuse('Due: lies in the past. Choose a later day.', 'dueAt')
  const number = await withFreeNumber(() => storeTray(db, { sheet, values, now }))
  return { ok: true, number }
}

type NewSheetValues = Readonly<Record<string, FieldValue>>
type SheetValues = NewSheetValues | { readonly caseSheetId: number }

function isChosen(sheet: SheetValues): sheet is { readonly caseSheetId: number } {
  return 'caseSheetId' in sheet
}

async function unknownSheet(db: Db, sheet: SheetValues): Promise<Refusal | null> {
  if (!isChosen(sheet) || (await caseSheetById(db, sheet.caseSheetId))) return null
  return refuse('Case: this sheet is gone. Choose another one.', 'caseSheetId')
}

async function knownSheet(db: Db, sheet: SheetValues): Promise<Refusal | null> {
  if (isChosen(sheet)) return null
  const [maker, reference] = [String(sheet['maker']), String(sheet['reference'])]
  const there = await caseSheetByName(db, maker, reference)
  return there
    ? refuse(`Reference: ${maker} ${reference} has a sheet already. Choose it as the case.`, 'reference')
    : null
}

interface NewTray {
  readonly sheet: SheetValues
  readonly values: Record<string, FieldValue>
  readonly now: Date
}

function storeTray(db: Db, { sheet, values, now }: NewTray): Promise<number> {
  return transact(db, async (tx) => {
    const caseSheetId = isChosen(sheet) ? sheet.caseSheetId : await storeSheet(tx, sheet)
    const next = Math.max((await highestTrayNumber(tx)) ?? 0, FIRST_NUMBER - 1) + 1
    await insertTrays(tx, [
      {
        ...intakeRow(values),
        number: next,
        caseSheetId,
        ownerId: await ownerId(tx, values),
        stage: 'intake',
        openedAt: now,
      },
    ])
    return next
  })
}

async function storeSheet(db: Db, values: NewSheetValues): Promise<number> {
  const [stored] = await insertCaseSheets(db, [sheetRow(values)])
  if (!stored) throw new Error('the case sheet was not stored')
  return stored.id
}

const ATTEMPTS = 5

/** Two benches may open a tray at the same moment and reach for the same number: the second takes the next. */
async function withFreeNumber(store: () => Promise<number>): Promise<number> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await store()
    } catch (error) {
      if (!isUniqueViolation(error) || attempt + 1 >= ATTEMPTS) throw error
    }
  }
}
