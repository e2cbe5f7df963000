import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import type { CrystalState } from '@/core/readings/readingPlan'
import { STAGE_IDS } from '@/core/stages/stages'
import type { StageId } from '@/core/stages/stages'
import type { Db } from '@/data/client'
import { isUniqueViolation } from '@/data/errors'
import { caseSheetById } from '@/data/queries/caseSheets'
import {
  highestTrayNumber,
  insertOwners,
  insertTrays,
  ownerByName,
  setTrayStage,
  trayById,
} from '@/data/queries/trays'
import type { Refusal } from './boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord } from './boundary'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

/** Trays are numbered from here in a new shop: three figures are easy to call across a room. */
const FIRST_NUMBER = 101

const sheetSchema = Joi.object<{ caseSheetId: number }>({
  caseSheetId: idSchema.required().messages({
    'any.required': 'Case is missing: choose its sheet, or make one under Case sheets.',
    'number.base': 'Case is missing: choose its sheet, or make one under Case sheets.',
  }),
})

/** Opens a new tray for a case. An owner not known yet is added. */
export async function openTray(
  db: Db,
  sheetInput: unknown,
  input: unknown,
  now: Date,
): Promise<{ ok: true; number: number } | Refusal> {
  const checked = validateBoth(validate(sheetSchema, sheetInput), validateRecord(TRAY_FIELDS, input))
  if (!checked.ok) return checked
  const [{ caseSheetId }, values] = checked.value
  if (!(await caseSheetById(db, caseSheetId)))
    return refuse('Case: this sheet is gone. Choose another one.', 'caseSheetId')
  const dueAt = new Date(text(values, 'dueAt'))
  if (dueAt.getTime() < now.getTime()) return refuse('Due: lies in the past. Choose a later day.', 'dueAt')

  const number = await withFreeNumber(() => storeTray(db, { caseSheetId, values, dueAt, now }))
  return { ok: true, number }
}

interface NewTrayFacts {
  readonly caseSheetId: number
  readonly values: Record<string, FieldValue>
  readonly dueAt: Date
  readonly now: Date
}

function storeTray(db: Db, { caseSheetId, values, dueAt, now }: NewTrayFacts): Promise<number> {
  return db.transaction(async (tx) => {
    const name = text(values, 'owner')
    const owner =
      (await ownerByName(tx, name)) ?? (await insertOwners(tx, [{ name, kind: 'townsperson' }]))[0]
    if (!owner) throw new Error('the owner was not stored')
    const next = Math.max((await highestTrayNumber(tx)) ?? 0, FIRST_NUMBER - 1) + 1
    await insertTrays(tx, [
      {
        number: next,
        caseSheetId,
        ownerId: owner.id,
        ownerMark: text(values, 'ownerMark'),
        complaint: text(values, 'complaint'),
        // The form's options are the states, checked just before.
        crystalState: text(values, 'crystalState') as CrystalState,
        gasketPresent: values['gasketPresent'] === true,
        oldLume: values['oldLume'] === true,
        stage: 'intake',
        openedAt: now,
        dueAt,
      },
    ])
    return next
  })
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

function text(values: Record<string, FieldValue>, name: string): string {
  const value = values[name]
  return typeof value === 'string' ? value : ''
}

const stageSchema = Joi.object<{ trayId: number; stage: StageId; finished: boolean }>({
  trayId: idSchema.required(),
  stage: Joi.string()
    .valid(...STAGE_IDS)
    .required(),
  finished: Joi.boolean().required(),
})

/** Moves a tray to a stage of the work; `finished` hands it back, and not finished takes it in hand again. */
export async function moveTray(
  db: Db,
  input: unknown,
  now: Date,
): Promise<{ ok: true; view: TrayView } | Refusal> {
  const checked = validate(stageSchema, input)
  if (!checked.ok) return checked
  const { trayId, stage, finished } = checked.value
  if (!(await trayById(db, trayId))) return refuse('This tray is not there any more: go back to the list.')
  await setTrayStage(db, trayId, stage, finished ? now : null)
  const row = await trayById(db, trayId)
  return row ? { ok: true, view: await trayView(db, row) } : refuse('This tray is not there any more.')
}
