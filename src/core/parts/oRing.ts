import { O_RING_MATERIALS } from '../stock/otherParts'
import { choice, CODE, DRAWER, LINE_END, mm } from './lineFields'
import type { Part } from './Part'
import { noFault } from './Part'

/** O-rings, as the drawers hold them. */
export const oRing: Part = {
  one: 'O-ring',
  many: 'O-rings',
  alsoCalled: ['oring', 'orings'],
  fields: [
    CODE,
    DRAWER,
    mm('innerDiameterMm', 'Inside', 0.5, 60),
    mm('sectionMm', 'Section', 0.2, 3),
    choice('material', 'Material', O_RING_MATERIALS),
    ...LINE_END,
  ],
  startsAs: { material: 'nitrile' },
  sizes: ['innerDiameterMm', 'sectionMm'],
  sortedFirst: null,
  searched: ['material'],
  columns: [
    { field: 'innerDiameterMm', head: 'Inside', shows: 'mm', resolutionMm: 0.01 },
    { field: 'sectionMm', head: 'Section', shows: 'mm', resolutionMm: 0.01 },
    { field: 'material', head: 'Material', shows: 'word' },
  ],
  namedBy: ['material'],
  listDefaults: ['material', 'drawer'],
  faultOf: noFault,
}
