import Joi from 'joi'
import type { FieldValue } from '@/core/records/checkRecord'
import { TRAY_FIELDS } from '@/core/records/jobFields'
import { updateTrayIntake } from '@/data/queries/trays'
import type { Validated } from '../boundary'
import { idSchema, refuse, validate, validateBoth, validateRecord, withFields } from '../boundary'
import { intakeRow, ownerId } from './intakeRow'
import { trayChange } from './trayChange'

interface IntakeSent {
  readonly trayId: number
  /** of the intake form */
  readonly fields: Readonly<Record<string, unknown>>
}

interface IntakeChecked {
  readonly trayId: number
  readonly fields: Record<string, FieldValue>
}

const idsSchema = Joi.object<{ trayId: number }>({ trayId: idSchema.required() })

function checkIntake(input: unknown): Validated<IntakeChecked> {
  const { rest, fields } = withFields(input)
  const checked = validateBoth(validate(idsSchema, rest), validateRecord(TRAY_FIELDS, fields))
  return checked.ok ? { ok: true, value: { ...checked.value[0], fields: checked.value[1] } } : checked
}

/** Corrects what was written at intake. Case and number stay: another case is another tray. */
export const correctIntake = trayChange<IntakeChecked, IntakeSent>(
  checkIntake,
  async (tx, { trayId, fields }, { kept }, now) => {
    const row = intakeRow(fields)
    const moved = row.dueAt.getTime() !== kept.tray.dueAt.getTime()
    if (moved && row.dueAt.getTime() < now.getTime())
      return refuse('Due: lies in the past. Choose a later day.', 'dueAt')
    await updateTrayIntake(tx, trayId, { ...row, ownerId: await ownerId(tx, fields) })
    return null
  },
  'decision',
)
