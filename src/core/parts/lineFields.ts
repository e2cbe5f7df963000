import type { FieldValue } from '../records/checkRecord'
import type { Field, FigureField } from '../records/Field'
import { optionsOf } from '../records/Field'
import type { PartFault } from './Part'

export const CODE: Field = { kind: 'text', name: 'code', label: 'Code', required: true, mostLength: 40 }
export const DRAWER = {
  kind: 'text',
  name: 'drawer',
  label: 'Drawer',
  required: true,
  mostLength: 20,
} as const satisfies Field
const QUANTITY: Field = {
  kind: 'count',
  name: 'quantity',
  label: 'Quantity',
  required: true,
  least: 0,
  most: 9999,
}
const PRICE: Field = {
  kind: 'money',
  name: 'priceCents',
  label: 'Price',
  required: true,
  most: 10_000_000,
  help: 'of one, in the shop’s money; 0 while it is not known',
}
export const LINE_END: readonly Field[] = [
  QUANTITY,
  {
    kind: 'count',
    name: 'minimum',
    label: 'Minimum',
    required: true,
    least: 0,
    most: 9999,
    help: 'fewer are to be ordered; 0 is never ordered',
  },
  PRICE,
  { kind: 'text', name: 'supplier', label: 'Supplier', required: false, mostLength: 60 },
  { kind: 'text', name: 'supplierCode', label: 'Supplier’s code', required: false, mostLength: 60 },
]
export const FAMILY: Field = {
  kind: 'text',
  name: 'family',
  label: 'Family',
  required: false,
  mostLength: 40,
  help: 'bezel or case it belongs to; empty serves any',
}

export function mm(name: string, label: string, leastMm: number, mostMm: number, help?: string): FigureField {
  return {
    kind: 'figure',
    name,
    label,
    required: true,
    leastMm,
    mostMm,
    ...(help === undefined ? {} : { help }),
  }
}

export function choice(name: string, label: string, values: readonly string[]): Field {
  return { kind: 'choice', name, label, required: true, options: optionsOf(values) }
}

/** A ring's inside is smaller than its outside. */
export function ringFault(outerName: string, innerName: string) {
  return (values: Readonly<Record<string, FieldValue>>): PartFault | null => {
    const [outer, inner] = [values[outerName], values[innerName]]
    return typeof outer === 'number' && typeof inner === 'number' && inner >= outer
      ? { field: innerName, message: `Inside: ${inner} must be smaller than the outside, ${outer}.` }
      : null
  }
}
