import type { FieldValue } from '../records/checkRecord'
import type { Field, MmField } from '../records/Field'
import { optionsOf } from '../records/Field'
import type { FitPolicy } from './fitPolicy'
import { FIT_POLICY, THICKNESS_PREFERENCES } from './fitPolicy'
import { GASKET_MATERIALS } from './parts'

/** Where a built-in limit comes from. */
export type PolicySource = 'common practice' | 'from memory'

interface PolicyField {
  readonly field: Field
  readonly group: string
  readonly source: PolicySource
  readonly get: (policy: FitPolicy) => number | string
  readonly set: (policy: FitPolicy, value: number | string) => FitPolicy
}

/** The fit policies a shop may set, each with its built-in value's source. */
export const POLICY_FIELDS: readonly PolicyField[] = [
  ...GASKET_MATERIALS.flatMap((material) =>
    (['lowMm', 'highMm'] as const).map((side): PolicyField => ({
      field: mm(
        `interference-${material}-${side}`,
        `${material}, ${side === 'lowMm' ? 'least' : 'most'}`,
        0,
        0.5,
      ),
      group: 'Crystal in a ring: interference across',
      source: material === 'nylon' ? 'common practice' : 'from memory',
      get: (policy) => policy.interferenceBands[material][side],
      set: (policy, value) => ({
        ...policy,
        interferenceBands: {
          ...policy.interferenceBands,
          [material]: { ...policy.interferenceBands[material], [side]: Number(value) },
        },
      }),
    })),
  ),
  ...GASKET_MATERIALS.flatMap((material) =>
    (['low', 'high'] as const).map((side): PolicyField => ({
      field: percent(`neck-${material}-${side}`, `${material}, ${side === 'low' ? 'least' : 'most'}`, 0, 60),
      group: 'Ring between bezel and glass: squeeze',
      source: 'from memory',
      get: (policy) => 100 * policy.neckSqueezeBands[material][side],
      set: (policy, value) => ({
        ...policy,
        neckSqueezeBands: {
          ...policy.neckSqueezeBands,
          [material]: { ...policy.neckSqueezeBands[material], [side]: Number(value) / 100 },
        },
      }),
    })),
  ),
  {
    field: percent('skirt-low', 'skirt squeezed, least', 0, 30),
    group: 'Acrylic',
    source: 'from memory',
    get: (policy) => 100 * policy.skirtSqueeze.low,
    set: (policy, value) => ({
      ...policy,
      skirtSqueeze: { ...policy.skirtSqueeze, low: Number(value) / 100 },
    }),
  },
  {
    field: percent('skirt-high', 'skirt squeezed, most', 0, 30),
    group: 'Acrylic',
    source: 'from memory',
    get: (policy) => 100 * policy.skirtSqueeze.high,
    set: (policy, value) => ({
      ...policy,
      skirtSqueeze: { ...policy.skirtSqueeze, high: Number(value) / 100 },
    }),
  },
  {
    field: percent('crazeStrain', 'crazes from strain', 0.1, 5),
    group: 'Acrylic',
    source: 'from memory',
    get: (policy) => 100 * policy.crazeStrain,
    set: (policy, value) => ({ ...policy, crazeStrain: Number(value) / 100 }),
  },
  figure('snapGripMm', 'Acrylic', 'in a groove, least oversize', 0, 0.5),
  windowSide('tensionRingWindow', 'lowMm', 'Acrylic', 'with a metal ring, least oversize', 0, 0.5),
  windowSide('tensionRingWindow', 'highMm', 'Acrylic', 'with a metal ring, most oversize', 0, 0.5),
  windowSide('cementGap', 'lowMm', 'Cemented', 'gap a side, least', 0, 0.5),
  windowSide('cementGap', 'highMm', 'Cemented', 'gap a side, most', 0.01, 0.5),
  figure('cementUnderMm', 'Cemented', 'cement under the crystal', 0, 0.5),
  windowSide('rimWindow', 'lowMm', 'Height and looks', 'rim sunk, at most', -1, 0),
  windowSide('rimWindow', 'highMm', 'Height and looks', 'rim proud, at most', 0, 1),
  figure('flushMm', 'Height and looks', 'called flush within', 0.01, 0.5),
  figure('minimumHandClearanceMm', 'Height and looks', 'least room over the hands', 0.05, 1),
  {
    field: {
      kind: 'choice',
      name: 'thicknessPreference',
      label: 'when none is flush',
      required: true,
      options: optionsOf(THICKNESS_PREFERENCES),
    },
    group: 'Height and looks',
    source: 'common practice',
    get: (policy) => policy.thicknessPreference,
    set: (policy, value) => ({
      ...policy,
      thicknessPreference:
        THICKNESS_PREFERENCES.find((preference) => preference === value) ?? policy.thicknessPreference,
    }),
  },
  {
    field: {
      kind: 'text',
      name: 'preferredColour',
      label: 'ring colour',
      required: false,
      mostLength: 20,
      help: 'where the case sheet asks for none; empty takes any',
    },
    group: 'Height and looks',
    source: 'common practice',
    get: (policy) => policy.preferredColour,
    set: (policy, value) => ({ ...policy, preferredColour: String(value) }),
  },
]

type FigureName = 'snapGripMm' | 'cementUnderMm' | 'flushMm' | 'minimumHandClearanceMm'
type WindowName = 'tensionRingWindow' | 'cementGap' | 'rimWindow'

function mm(name: string, label: string, leastMm: number, mostMm: number): MmField {
  return { kind: 'mm', name, label, required: true, leastMm, mostMm }
}

function percent(name: string, label: string, least: number, most: number): MmField {
  return { ...mm(name, label, least, most), unit: '%' }
}

function figure(name: FigureName, group: string, label: string, least: number, most: number): PolicyField {
  return {
    field: mm(name, label, least, most),
    group,
    source: 'from memory',
    get: (policy) => policy[name],
    set: (policy, value) => ({ ...policy, [name]: Number(value) }),
  }
}

function windowSide(
  name: WindowName,
  side: 'lowMm' | 'highMm',
  group: string,
  label: string,
  least: number,
  most: number,
): PolicyField {
  return {
    field: mm(`${name}-${side}`, label, least, most),
    group,
    source: 'from memory',
    get: (policy) => policy[name][side],
    set: (policy, value) => ({ ...policy, [name]: { ...policy[name], [side]: Number(value) } }),
  }
}

/** What a shop set otherwise than built in, by field name. */
export type PolicyChanges = Readonly<Record<string, number | string>>

/** The built-in policy with a shop's changes; names nobody knows any more are passed over. */
export function fitPolicyWith(changes: PolicyChanges): FitPolicy {
  return POLICY_FIELDS.reduce((policy, { field, set }) => {
    const value = changes[field.name]
    return value === undefined ? policy : set(policy, value)
  }, FIT_POLICY)
}

/** Every field's value under a policy: what the form starts from. */
export function policyValues(policy: FitPolicy): Record<string, number | string> {
  return Object.fromEntries(
    POLICY_FIELDS.map(({ field, get }) => {
      const value = get(policy)
      return [field.name, typeof value === 'number' ? Number(value.toFixed(4)) : value]
    }),
  )
}

/**
 * What of a filled-in form differs from the built-in policy.
 * @returns the changes, or the first window whose least is not below its most
 */
export function policyChanges(
  values: Readonly<Record<string, FieldValue>>,
): { ok: true; changes: PolicyChanges } | { ok: false; field: string; message: string } {
  const builtIn = policyValues(FIT_POLICY)
  const changes: Record<string, number | string> = {}
  for (const { field } of POLICY_FIELDS) {
    const value = values[field.name]
    if ((typeof value === 'number' || typeof value === 'string') && value !== builtIn[field.name])
      changes[field.name] = value
  }
  const all = { ...builtIn, ...changes }
  for (const name of Object.keys(all)) {
    const upper = name.replace('-low', '-high')
    if (upper === name || !(Number(all[name]) >= Number(all[upper]))) continue
    const label = POLICY_FIELDS.find(({ field }) => field.name === name)?.field.label ?? name
    return { ok: false, field: name, message: `${label}: must be below the most, ${all[upper]}.` }
  }
  return { ok: true, changes }
}
