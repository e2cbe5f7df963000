import type { FieldValue } from '../records/checkRecord'
import { POLICY_FIELDS } from './policyFields'
import type { ShopPolicy } from './ShopPolicy'
import { BUILT_IN_POLICY } from './ShopPolicy'

/** What a shop set otherwise than built in, by field name. */
export type PolicyChanges = Readonly<Record<string, number | string>>

/** The built-in policy with a shop's changes; names nobody knows any more are passed over. */
export function policyWith(changes: PolicyChanges): ShopPolicy {
  return POLICY_FIELDS.reduce((policy, { field, set }) => {
    const value = changes[field.name]
    return value === undefined ? policy : set(policy, value)
  }, BUILT_IN_POLICY)
}

/** Every field's value under a policy: what the form starts from. */
export function policyValues(policy: ShopPolicy): Record<string, number | string> {
  return Object.fromEntries(
    POLICY_FIELDS.map(({ field, get }) => {
      const value = get(policy)
      return [field.name, typeof value === 'number' ? Number(value.toFixed(4)) : value]
    }),
  )
}

/** Every field's value as built in. */
export const BUILT_IN_VALUES = policyValues(BUILT_IN_POLICY)

/**
 * What of a filled-in form differs from the built-in policy.
 * @returns the changes, or the first window whose least is not below its most
 */
export function policyChanges(
  values: Readonly<Record<string, FieldValue>>,
): { ok: true; changes: PolicyChanges } | { ok: false; field: string; message: string } {
  const changes: Record<string, number | string> = {}
  for (const { field } of POLICY_FIELDS) {
    const value = values[field.name]
    if ((typeof value === 'number' || typeof value === 'string') && value !== BUILT_IN_VALUES[field.name])
      changes[field.name] = value
  }
  const all = { ...BUILT_IN_VALUES, ...changes }
  for (const name of Object.keys(all)) {
    const upper = name.replace('-low', '-high')
    if (upper === name || !(Number(all[name]) >= Number(all[upper]))) continue
    const label = POLICY_FIELDS.find(({ field }) => field.name === name)?.field.label ?? name
    return { ok: false, field: name, message: `${label}: must be below the most, ${all[upper]}.` }
  }
  return { ok: true, changes }
}
