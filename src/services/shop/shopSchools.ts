import Joi from 'joi'
import { SCHOOL_IDS, SCHOOLS } from '@/core/procedure/schools'
import type { SchoolId } from '@/core/procedure/schools'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { refuse } from '../boundary'

/** What this shop always does where practitioners differ; empty where it goes by the case. */
export async function shopSchools(db: Db): Promise<ChosenOptions> {
  return (await shopSettingsRow(db))?.schools ?? {}
}

function optionWords(options: Readonly<Record<string, string>>, option: string): string {
  return Object.hasOwn(options, option) ? (options[option] ?? option) : 'as the case asks'
}

const schema = Joi.object<{ school: SchoolId; option: string; was?: string }>({
  school: Joi.string()
    .valid(...SCHOOL_IDS)
    .required(),
  option: Joi.string().allow('').max(40).required(),
  was: Joi.string().allow('').max(40),
})

/**
 * Sets what this shop always does; an empty option goes by the case again. What was set elsewhere since the page was drawn
 * (`was`) is said, not overruled.
 */
export const saveShopSchool = action(schema, async (db, { school, option, was }) => {
  const { question, options } = SCHOOLS[school]
  if (option !== '' && !Object.hasOwn(options, option))
    return refuse(`${question}: “${option}” is not one of ${Object.values(options).join('; ')}.`)
  const { [school]: kept = '', ...others } = await shopSchools(db)
  if (was !== undefined && kept !== was && kept !== option)
    return refuse(
      `${question}: changed elsewhere to “${optionWords(options, kept)}”, was “${optionWords(options, was)}” here. Look at it, then choose again.`,
      'school',
    )
  await changeShopSettings(db, { schools: option === '' ? others : { ...others, [school]: option } })
  return { ok: true as const }
})
