import { GASKET_MATERIALS, GASKET_SECTIONS, GASKET_USES } from '../fit/parts'
import { choice, CODE, DRAWER, FAMILY, LINE_END, mm } from './lineFields'
import type { Part } from './Part'
import { noFault } from './Part'

/** Gaskets, as the drawers hold them. */
export const gasket: Part = {
  one: 'gasket',
  many: 'Gaskets',
  alsoCalled: ['ring'],
  fields: [
    CODE,
    DRAWER,
    choice('use', 'Sits', GASKET_USES),
    mm('outerDiameterMm', 'Outer diameter', 8, 60),
    mm('wallMm', 'Wall', 0.15, 6),
    mm('heightMm', 'Height', 0.2, 6),
    choice('section', 'Section', GASKET_SECTIONS),
    mm('footMm', 'Foot', 0, 1, 'thickness under the crystal; 0 for I'),
    choice('material', 'Material', GASKET_MATERIALS),
    { kind: 'text', name: 'colour', label: 'Colour', required: true, mostLength: 20 },
    FAMILY,
    ...LINE_END,
  ],
  startsAs: { use: 'crystal', footMm: 0, section: 'I', material: 'nylon' },
  sizes: ['outerDiameterMm', 'wallMm', 'heightMm'],
  sortedFirst: null,
  searched: ['material', 'use', 'section', 'colour', 'family'],
  columns: [
    { field: 'outerDiameterMm', head: 'Outside', shows: 'mm' },
    { field: 'wallMm', head: 'Wall', shows: 'mm', resolutionMm: 0.01 },
    { field: 'heightMm', head: 'Height', shows: 'mm' },
    { field: 'use', head: 'Sits', shows: 'word', flex: 0.4 },
    { field: 'material', head: 'Material', shows: 'word' },
    { field: 'colour', head: 'Colour', shows: 'word', flex: 0.5 },
  ],
  namedBy: ['material', 'colour'],
  listDefaults: ['material', 'colour', 'heightMm', 'drawer'],
  faultOf: noFault,
}
