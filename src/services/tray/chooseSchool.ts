import Joi from 'joi'
import { SCHOOL_IDS, SCHOOLS } from '@/core/procedure/schools'
import { schoolStand } from '@/core/procedure/schoolStand'
import type { SchoolId } from '@/core/procedure/schools'
import { updateTrayIntake } from '@/data/queries/trays'
import { idSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

const schoolSchema = Joi.object<{ trayId: number; school: SchoolId; option: string }>({
  trayId: idSchema.required(),
  school: Joi.string()
    .valid(...SCHOOL_IDS)
    .required(),
  option: Joi.string().max(40).required(),
})

/** Follows another school on this tray; its steps change with it. */
export const chooseSchool = trayChange(
  schoolSchema,
  async (tx, { trayId, school, option }, { kept, facts }) => {
    const { question } = SCHOOLS[school]
    const options: Readonly<Record<string, string>> = SCHOOLS[school].options
    if (!Object.hasOwn(options, option))
      return refuse(`${question}: “${option}” is not one of ${Object.values(options).join('; ')}.`)
    const stand = schoolStand(school, facts, { [school]: option })
    const against = stand.against?.[option]
    if (against !== undefined)
      return refuse(`${question}: not open here, “${options[option] ?? option}”: ${against}.`)
    if (stand.option !== option)
      return refuse(`${question}: stays “${stand.option.replaceAll('-', ' ')}”, ${stand.because}.`)
    await updateTrayIntake(tx, trayId, { schools: { ...kept.tray.schools, [school]: option } })
    return null
  },
  'decision',
)
