import Joi from 'joi'
import { SCHOOL_IDS, SCHOOLS, schoolStand } from '@/core/procedure/schools'
import type { SchoolId } from '@/core/procedure/schools'
import type { Db } from '@/data/client'
import { updateTrayIntake } from '@/data/queries/trays'
import { idSchema, refuse, validate } from '../boundary'
import { factsOfTray } from './factsOfTray'
import type { ViewOutcome } from './changeTray'
import { changeTray } from './changeTray'

const schoolSchema = Joi.object<{ trayId: number; school: SchoolId; option: string }>({
  trayId: idSchema.required(),
  school: Joi.string()
    .valid(...SCHOOL_IDS)
    .required(),
  option: Joi.string().max(40).required(),
})

/** Follows another school on this tray; its steps change with it. */
export async function chooseSchool(db: Db, input: unknown): Promise<ViewOutcome> {
  const checked = validate(schoolSchema, input)
  if (!checked.ok) return checked
  const { trayId, school, option } = checked.value
  if (!Object.hasOwn(SCHOOLS[school].options, option)) {
    return refuse(
      `${SCHOOLS[school].question}: “${option}” is not one of ${Object.values(SCHOOLS[school].options).join('; ')}.`,
    )
  }
  return changeTray(db, trayId, async (row) => {
    const facts = await factsOfTray(db, row)
    const stand = schoolStand(school, facts, { [school]: option })
    if (stand.option !== option) {
      return refuse(
        `${SCHOOLS[school].question}: stays “${stand.option.replaceAll('-', ' ')}”, ${stand.because}.`,
      )
    }
    await updateTrayIntake(db, trayId, { schools: { ...row.tray.schools, [school]: option } })
    return null
  })
}
