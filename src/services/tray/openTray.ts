import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { CONSTRUCTION_FIELDS, IDENTITY_FIELDS } from '@/core/records/constructionFields'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS, stageLabel } from '@/core/stages/stages'
import { missingBefore, missingText, partsTrail } from '@/core/trail/partsTrail'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { caseSheetById, caseSheetByName, insertCaseSheets } from '@/data/queries/caseSheets'
import { trailOfTray } from '@/data/queries/trail'
import { highestTrayNumber, insertTrays, setTrayStage, trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord } from '../boundary'
import { intakeRow, ownerId } from './intakeRow'
import { sheetRow } from '../sheets/sheetRow'
import { TRAY_GONE } from './changeTray'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

/** Trays are numbered from here in a new shop: three figures are easy to call across a room. */
const FIRST_NUMBER = 101

const CASE_MISSING = 'Case is missing: choose its sheet, or choose “new case” and name it.'
const sheetSchema = Joi.object<{ caseSheetId: number }>({
  caseSheetId: idSchema.required().messages({ 'any.required': CASE_MISSING, 'number.base': CASE_MISSING }),
})

/** What a new case needs to be told apart and worked on; figures come as they are measured. */
const NEW_SHEET_FIELDS = [...IDENTITY_FIELDS, ...CONSTRUCTION_FIELDS]

/**
 * Opens a new tray for a case. An owner or a case not known yet is added in the same breath.
 * @param sheetInput - `{ caseSheetId }` of a known case, or `{ newSheet }` with the fields of a new one
 */
export async function openTray(
  db: Db,
  sheetInput: unknown,
  input: unknown,
  now: Date,
): Promise<{ ok: true; number: number } | Refusal> {
  const fresh = newSheetOf(sheetInput)
  const checked = validateBoth(
    fresh === null ? validate(sheetSchema, sheetInput) : validateRecord(NEW_SHEET_FIELDS, fresh),
    validateRecord(TRAY_FIELDS, input),
  )
  if (!checked.ok) return checked
  const [sheet, values] = checked.value
  const refusal = fresh === null ? await unknownSheet(db, sheet) : await knownSheet(db, sheet)
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

function newSheetOf(input: unknown): unknown {
  if (typeof input !== 'object' || input === null || !('newSheet' in input)) return null
  return input.newSheet
}

async function unknownSheet(db: Db, sheet: SheetValues): Promise<Refusal | null> {
  const known = isChosen(sheet) && (await caseSheetById(db, sheet.caseSheetId))
  return known ? null : refuse('Case: this sheet is gone. Choose another one.', 'caseSheetId')
}

async function knownSheet(db: Db, sheet: SheetValues): Promise<Refusal | null> {
  if (isChosen(sheet)) return null
  const [maker, reference] = [String(sheet['maker']), String(sheet['reference'])]
  const there = await caseSheetByName(db, maker, reference)
  return there
    ? refuse(`Reference: ${maker} ${reference} has a sheet already. Choose it as the case.`, 'reference')
    : null
}

interface NewTrayFacts {
  readonly sheet: SheetValues
  readonly values: Record<string, FieldValue>
  readonly now: Date
}

function storeTray(db: Db, { sheet, values, now }: NewTrayFacts): Promise<number> {
  return db.transaction(async (tx) => {
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

const stageSchema = Joi.object<{ trayId: number; stage: StageId; finished: boolean }>({
  trayId: idSchema.required(),
  stage: Joi.string()
    .valid(...STAGE_IDS)
    .required(),
  finished: Joi.boolean().required(),
})

/**
 * Moves a tray to a stage of the work; `finished` hands it back, and not finished takes it in hand again.
 * A tray does not pass its closing with a part unaccounted for.
 */
export async function moveTray(
  db: Db,
  input: unknown,
  now: Date,
): Promise<{ ok: true; view: TrayView } | Refusal> {
  const checked = validate(stageSchema, input)
  if (!checked.ok) return checked
  const { trayId, stage, finished } = checked.value
  if (!(await trayById(db, trayId))) return refuse(TRAY_GONE)
  const missing = missingBefore(partsTrail(await trailOfTray(db, trayId)), finished ? 'finished' : stage)
  if (missing.length > 0) {
    const where = finished ? 'handed back' : `moved on to ${stageLabel(stage).toLowerCase()}`
    return refuse(
      `Not ${where}: ${missingText(missing)} not accounted for. Put each back on the trail, or say why it stays off.`,
      'trail',
    )
  }
  await setTrayStage(db, trayId, stage, finished ? now : null)
  const row = await trayById(db, trayId)
  return row ? { ok: true, view: await trayView(db, row) } : refuse(TRAY_GONE)
}
