import { CHAPTER_RING_MATERIALS, STOCK_CHAPTER_RINGS } from '../stock/otherParts'
import { choice, CODE, DRAWER, FAMILY, LINE_END, mm, ringFault } from './lineFields'
import type { Part } from './Part'

/** Chapter rings, as the drawers hold them. */
export const chapterRing: Part = {
  one: 'chapter ring',
  many: 'Chapter rings',
  alsoCalled: [],
  fields: [
    CODE,
    DRAWER,
    mm('outerMm', 'Outside', 8, 70),
    mm('innerMm', 'Inside', 6, 68, 'the opening the dial is seen through'),
    mm('heightMm', 'Height', 0.2, 6),
    choice('form', 'Held', STOCK_CHAPTER_RINGS),
    choice('material', 'Material', CHAPTER_RING_MATERIALS),
    { kind: 'text', name: 'colour', label: 'Colour', required: false, mostLength: 20 },
    FAMILY,
    ...LINE_END,
  ],
  startsAs: { form: 'keyed', material: 'plastic' },
  sizes: ['outerMm', 'innerMm', 'heightMm'],
  sortedFirst: null,
  searched: ['form', 'material', 'colour', 'family'],
  columns: [
    { field: 'outerMm', head: 'Outside', shows: 'mm' },
    { field: 'innerMm', head: 'Inside', shows: 'mm' },
    { field: 'heightMm', head: 'Height', shows: 'mm' },
    { field: 'form', head: 'Held', shows: 'word', flex: 0.4 },
    { field: 'material', head: 'Material', shows: 'word', flex: 0.5 },
    { field: 'colour', head: 'Colour', shows: 'word', flex: 0.5 },
    { field: 'family', head: 'Family', shows: 'word', flex: 0.5 },
  ],
  namedBy: ['form', 'material', 'colour'],
  listDefaults: ['material', 'form', 'family', 'drawer'],
  faultOf: ringFault('outerMm', 'innerMm'),
}
