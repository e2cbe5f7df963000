import type { FitPolicy } from '@/core/fit/fitPolicy'
import { fitPolicyWith, POLICY_FIELDS, policyChanges, policyValues } from '@/core/fit/fitPolicyFields'
import type { Db } from '@/data/client'
import { changeShopSettings, shopSettingsRow } from '@/data/queries/shopSettings'
import type { Refusal } from './boundary'
import { refuse, validateRecord } from './boundary'

/** The fit policy of this shop: the built-in one with what it changed in Settings. */
export async function shopFitPolicy(db: Db): Promise<FitPolicy> {
  return fitPolicyWith((await shopSettingsRow(db))?.fitPolicy ?? {})
}

/** Keeps what a shop wants otherwise than built in; fields left out stay as they are, a field set back to the built-in value is forgotten. */
export async function saveFitPolicy(db: Db, input: unknown): Promise<{ ok: true } | Refusal> {
  const given = typeof input === 'object' && input !== null ? input : {}
  const checked = validateRecord(
    POLICY_FIELDS.map(({ field }) => field),
    { ...policyValues(await shopFitPolicy(db)), ...given },
  )
  if (!checked.ok) return checked
  const outcome = policyChanges(checked.value)
  if (!outcome.ok) return refuse(outcome.message, outcome.field)
  await changeShopSettings(db, { fitPolicy: outcome.changes })
  return { ok: true }
}
