import { CODE, DRAWER, LINE_END } from './lineFields'
import type { Part } from './Part'
import { noFault } from './Part'

/** Supplies, as the drawers hold them. */
export const supply: Part = {
  one: 'supply',
  many: 'Supplies',
  alsoCalled: ['supplies'],
  fields: [
    CODE,
    DRAWER,
    { kind: 'text', name: 'name', label: 'Name', required: true, mostLength: 120 },
    ...LINE_END,
  ],
  startsAs: {},
  sizes: [],
  sortedFirst: null,
  searched: ['name'],
  columns: [{ field: 'name', head: 'Name', shows: 'text', flex: 2 }],
  namedBy: ['name'],
  nameAlone: true,
  listDefaults: ['drawer'],
  faultOf: noFault,
}
