import { INSERT_FORMS } from '../construction/kinds'
import { STOCK_INSERT_MATERIALS } from '../stock/otherParts'
import { choice, CODE, DRAWER, FAMILY, LINE_END, mm, ringFault } from './lineFields'
import type { Part } from './Part'

/** Inserts, as the drawers hold them. */
export const insert: Part = {
  one: 'insert',
  many: 'Inserts',
  alsoCalled: [],
  fields: [
    CODE,
    DRAWER,
    mm('outerMm', 'Outside', 8, 70),
    mm('innerMm', 'Inside', 6, 68),
    mm('thicknessMm', 'Thickness', 0.2, 4),
    choice('form', 'Form', INSERT_FORMS),
    choice('material', 'Material', STOCK_INSERT_MATERIALS),
    { kind: 'text', name: 'colour', label: 'Colour', required: false, mostLength: 20 },
    FAMILY,
    ...LINE_END,
  ],
  startsAs: { form: 'flat', material: 'aluminium' },
  sizes: ['outerMm', 'innerMm', 'thicknessMm'],
  sortedFirst: null,
  searched: ['material', 'form', 'colour', 'family'],
  columns: [
    { field: 'outerMm', head: 'Outside', shows: 'mm' },
    { field: 'innerMm', head: 'Inside', shows: 'mm' },
    { field: 'thicknessMm', head: 'Thickness', shows: 'mm' },
    { field: 'form', head: 'Form', shows: 'word', flex: 0.4 },
    { field: 'material', head: 'Material', shows: 'word', flex: 0.5 },
    { field: 'colour', head: 'Colour', shows: 'word', flex: 0.5 },
    { field: 'family', head: 'Family', shows: 'word', flex: 0.5 },
  ],
  namedBy: ['form', 'material', 'colour'],
  listDefaults: ['material', 'form', 'family', 'drawer'],
  faultOf: ringFault('outerMm', 'innerMm'),
}
