import type { Field, FigureField } from '../records/Field'
import type { ShopPolicy } from './ShopPolicy'

/** Where a built-in limit comes from. */
export type PolicySource = 'common practice' | 'from memory'

/** One limit a shop may set, where it stands in the policy, and where its built-in value comes from. */
export interface PolicyField {
  readonly field: Field
  readonly group: string
  readonly source: PolicySource
  readonly get: (policy: ShopPolicy) => number | string
  readonly set: (policy: ShopPolicy, value: number | string) => ShopPolicy
}

/** What is typed in percent is kept as a share. */
const PERCENT = 100

interface NumberField {
  /** the name it is kept by: never changed, shops have stored it */
  readonly name: string
  readonly label: string
  /** places from the policy down, with dots between: `seal.squeeze.low` */
  readonly path: string
  readonly least: number
  readonly most: number
  readonly unit?: FigureField['unit']
}

/** Fields of one group, whose built-in values come from memory unless said otherwise. */
export function policyGroup(
  group: string,
  fields: readonly NumberField[],
  source: PolicySource = 'from memory',
): PolicyField[] {
  return fields.map(({ name, label, path, least, most, unit }) => {
    const places = path.split('.')
    const scale = unit === '%' ? PERCENT : 1
    return {
      field: {
        kind: 'figure',
        name,
        label,
        required: true,
        leastMm: least,
        mostMm: most,
        ...(unit ? { unit } : {}),
      },
      group,
      source,
      get: (policy) => scale * numberAt(policy, places),
      set: (policy, value) => withNumberAt(policy, places, Number(value) / scale),
    }
  })
}

/** Both ends of a window. */
export function policyWindow(
  { name, label, path, least, most, unit }: NumberField,
  ends: readonly [low: string, high: string] = ['low', 'high'],
): NumberField[] {
  return ends.map((end, i) => ({
    name: `${name}-${end}`,
    label: `${label}, ${i === 0 ? 'least' : 'most'}`,
    path: `${path}.${end}`,
    least,
    most,
    ...(unit ? { unit } : {}),
  }))
}

export const MM_ENDS = ['lowMm', 'highMm'] as const

function numberAt(policy: ShopPolicy, places: readonly string[]): number {
  const found = places.reduce<unknown>((at, place) => (isGroup(at) ? at[place] : undefined), policy)
  if (typeof found !== 'number') throw new RangeError(`${places.join('.')}: expected a number in the policy`)
  return found
}

function withNumberAt<T>(at: T, [place, ...rest]: readonly string[], value: number): T {
  if (place === undefined || !isGroup(at) || !(place in at))
    throw new RangeError(`${String(place)}: expected a place in the policy`)
  const inner = rest.length === 0 ? value : withNumberAt(at[place], rest, value)
  return { ...at, [place]: inner }
}

function isGroup(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null
}
