import Joi from 'joi'
import { policyChanges, policyValues, policyWith } from '@/core/policy/policyChanges'
import { POLICY_FIELDS } from '@/core/policy/policyFields'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { ChosenOptions } from '@/core/procedure/schoolChoices'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { refuse, validateRecord } from '../boundary'

/** What a shop judges by and always does, in one question to the database. */
export async function shopRules(db: Db): Promise<{ policy: ShopPolicy; schools: ChosenOptions }> {
  const settings = await shopSettingsRow(db)
  return { policy: policyWith(settings?.fitPolicy ?? {}), schools: settings?.schools ?? {} }
}

/** The limits of this shop: the built-in ones with what it changed in Settings. */
export async function shopPolicy(db: Db): Promise<ShopPolicy> {
  return (await shopRules(db)).policy
}

/** Keeps what a shop wants otherwise than built in; fields left out stay as they are, a field set back to the built-in value is forgotten. */
export const saveShopPolicy = action(Joi.object<Record<string, unknown>>().unknown(), async (db, given) => {
  const checked = validateRecord(
    POLICY_FIELDS.map(({ field }) => field),
    { ...policyValues(await shopPolicy(db)), ...given },
  )
  if (!checked.ok) return checked
  const outcome = policyChanges(checked.value)
  if (!outcome.ok) return refuse(outcome.message, outcome.field)
  await changeShopSettings(db, { fitPolicy: outcome.changes })
  return { ok: true as const }
})
