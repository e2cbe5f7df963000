import Joi from 'joi'
import { policyChanges, policyValues, policyWith } from '@/core/policy/policyChanges'
import { POLICY_FIELDS } from '@/core/policy/policyFields'
import { mergeRecord } from '@/core/records/mergeRecord'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { ShopRules } from '@/core/tray/ShopRules'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import { action } from '../action'
import { refuse, validateRecord } from '../boundary'

/** What a shop judges by and always does, in one question to the database. */
export async function shopRules(db: Db): Promise<ShopRules> {
  const settings = await shopSettingsRow(db)
  return {
    policy: policyWith(settings?.fitPolicy ?? {}),
    schools: settings?.schools ?? {},
    invented: settings?.invented ?? false,
  }
}

/** The limits of this shop: the built-in ones with what it changed in Settings. */
export async function shopPolicy(db: Db): Promise<ShopPolicy> {
  return (await shopRules(db)).policy
}

interface PolicySent {
  /** of its form */
  readonly fields: Readonly<Record<string, unknown>>
  /** of its form as it was opened; left out where nothing was */
  readonly was?: Readonly<Record<string, unknown>>
}

const policySchema = Joi.object<PolicySent>({
  fields: Joi.object().unknown().required(),
  was: Joi.object().unknown(),
})

const FIELDS = POLICY_FIELDS.map(({ field }) => field)

/**
 * Keeps what a shop wants otherwise than built in; fields left out stay as they are, a field set back to the built-in value is
 * forgotten. What was set elsewhere while the form was open is asked about.
 */
export const saveShopPolicy = action(policySchema, async (db, { fields, was }) => {
  const now = policyValues(await shopPolicy(db))
  const merged = was ? mergeRecord(FIELDS, { was, typed: fields, now }) : { fields, conflicts: {}, now: {} }
  if (Object.keys(merged.conflicts).length > 0)
    return { ok: false as const, errors: merged.conflicts, now: merged.now }
  const checked = validateRecord(FIELDS, { ...now, ...merged.fields })
  if (!checked.ok) return checked
  const outcome = policyChanges(checked.value)
  if (!outcome.ok) return refuse(outcome.message, outcome.field)
  await changeShopSettings(db, { fitPolicy: outcome.changes })
  return { ok: true as const }
})
