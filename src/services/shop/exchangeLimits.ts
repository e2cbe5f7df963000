import { POLICY_FIELDS } from '@/core/policy/policyFields'
import { BUILT_IN_VALUES, policyChanges } from '@/core/policy/policyChanges'
import { SCHOOL_IDS, SCHOOLS } from '@/core/procedure/schools'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import type { Members } from '@/io/json/document'
import { readLimitsJson, writeLimitsJson } from '@/io/json/limitsJson'
import type { Refusal } from '../boundary'
import { refuse, validateRecord } from '../boundary'

/** What this shop set otherwise than built in, and what it always does, as a JSON document. */
export async function limitsFile(db: Db): Promise<{ name: string; text: string }> {
  const row = await shopSettingsRow(db)
  return {
    name: 'limits.json',
    text: writeLimitsJson({ limits: row?.fitPolicy ?? {}, schools: row?.schools ?? {} }),
  }
}

/** Takes limits and schools from a JSON document in place of the shop's own: all of it or nothing. */
export async function takeLimitsFile(db: Db, text: string): Promise<{ ok: true } | Refusal> {
  const document = readLimitsJson(text)
  if (!document.ok) return refuse(document.message, 'file')
  const { limits, schools } = document
  const strange = schoolObjection(schools)
  if (strange !== null) return refuse(`Nothing taken. ${strange}`, 'file')
  const checked = validateRecord(
    POLICY_FIELDS.map(({ field }) => field),
    { ...BUILT_IN_VALUES, ...limits },
  )
  if (!checked.ok) return refuse(`Nothing taken. ${Object.values(checked.errors).join(' ')}`, 'file')
  const outcome = policyChanges(checked.value)
  if (!outcome.ok) return refuse(`Nothing taken. ${outcome.message}`, 'file')
  await changeShopSettings(db, { fitPolicy: outcome.changes, schools: schools as ChosenOptions })
  return { ok: true }
}

function schoolObjection(schools: Members): string | null {
  for (const [given, option] of Object.entries(schools)) {
    const id = SCHOOL_IDS.find((known) => known === given)
    if (!id) return `“${given.slice(0, 30)}” is no question practitioners differ in.`
    const { question, options } = SCHOOLS[id]
    if (typeof option !== 'string' || !Object.hasOwn(options, option))
      return `${question}: “${String(option).slice(0, 30)}” is not one of ${Object.values(options).join('; ')}.`
  }
  return null
}
