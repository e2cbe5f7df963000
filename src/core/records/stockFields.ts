import { AR_COATINGS, BEZEL_KINDS, INSERT_FORMS, MAGNIFIERS, METALS } from '../construction/kinds'
import { DIE_MATERIALS, DIE_ROLES } from '../dies/Die'
import {
  CRYSTAL_BUILDS,
  CRYSTAL_MATERIALS,
  CRYSTAL_PROFILES,
  GASKET_MATERIALS,
  GASKET_SECTIONS,
  GASKET_USES,
} from '../fit/parts'
import {
  CHAPTER_RING_MATERIALS,
  O_RING_MATERIALS,
  STOCK_CHAPTER_RINGS,
  STOCK_INSERT_MATERIALS,
} from '../stock/otherParts'
import type { PartKind } from '../stock/partKinds'
import type { Field, MmField } from './Field'
import { optionsOf } from './Field'

const CODE: Field = { kind: 'text', name: 'code', label: 'Code', required: true, mostLength: 40 }
const DRAWER: Field = { kind: 'text', name: 'drawer', label: 'Drawer', required: true, mostLength: 20 }
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
const SHAPED = { field: 'build', isOneOf: ['shaped'] }
const CARRIES_CRYSTAL = { field: 'bezelKind', isOneOf: ['crystal-retaining'] }
const LINE_END: readonly Field[] = [
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
const FAMILY: Field = {
  kind: 'text',
  name: 'family',
  label: 'Family',
  required: false,
  mostLength: 40,
  help: 'bezel or case it belongs to; empty serves any',
}

function mm(name: string, label: string, leastMm: number, mostMm: number, help?: string): MmField {
  return { kind: 'mm', name, label, required: true, leastMm, mostMm, ...(help === undefined ? {} : { help }) }
}

function choice(name: string, label: string, values: readonly string[]): Field {
  return { kind: 'choice', name, label, required: true, options: optionsOf(values) }
}

export const CRYSTAL_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  choice('build', 'Made for', CRYSTAL_BUILDS),
  mm('diameterMm', 'Diameter', 8, 60, 'a shaped one’s longer side, a cup’s skirt outside'),
  { ...mm('widthMm', 'Width', 5, 60, 'shorter side'), shownWhen: SHAPED },
  { ...mm('cornerRadiusMm', 'Corner radius', 0, 30), required: false, shownWhen: SHAPED },
  { ...mm('skirtInnerMm', 'Skirt inside', 6, 58), shownWhen: { field: 'build', isOneOf: ['cup'] } },
  {
    ...mm('ringHeightMm', 'Metal ring height', 0.3, 8),
    required: false,
    shownWhen: { field: 'build', isOneOf: ['tension-ring'] },
  },
  mm('edgeThicknessMm', 'Edge thickness', 0.4, 8),
  mm('centreThicknessMm', 'Centre thickness', 0.4, 10, 'the same as the edge when flat'),
  mm('undersideRiseMm', 'Underside rise', 0, 8, '0 unless the underside is domed'),
  mm('bevelMm', 'Bevel', 0, 2),
  choice('material', 'Material', CRYSTAL_MATERIALS),
  choice('profile', 'Profile', CRYSTAL_PROFILES),
  choice('magnifier', 'Magnifier', MAGNIFIERS),
  {
    ...mm('insideMagnifierMm', 'Magnifier inside, thick', 0.1, 3, 'how far it hangs under the crystal'),
    required: false,
    shownWhen: { field: 'magnifier', isOneOf: ['inside'] },
  },
  choice('arCoating', 'AR coat', AR_COATINGS),
  ...LINE_END,
]

export const GASKET_FIELDS: readonly Field[] = [
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
]

export const O_RING_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  mm('innerDiameterMm', 'Inside', 0.5, 60),
  mm('sectionMm', 'Section', 0.2, 3),
  choice('material', 'Material', O_RING_MATERIALS),
  ...LINE_END,
]

export const BEZEL_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  choice(
    'bezelKind',
    'Kind',
    BEZEL_KINDS.filter((kind) => kind !== 'none'),
  ),
  choice('material', 'Material', METALS),
  mm('outerMm', 'Outside', 12, 80),
  mm('innerMm', 'Inside', 8, 70, 'over the case neck'),
  { ...mm('boreMm', 'Bore for the crystal', 8, 60), required: false, shownWhen: CARRIES_CRYSTAL },
  { ...mm('keySpacingMm', 'Keys, middle to middle', 5, 60), required: false, shownWhen: CARRIES_CRYSTAL },
  { ...mm('keyWidthMm', 'Key width', 0.2, 6), required: false, shownWhen: CARRIES_CRYSTAL },
  { ...mm('recessOuterMm', 'Recess, outer wall', 8, 70), required: false },
  { ...mm('recessInnerMm', 'Recess, inner wall', 8, 70), required: false },
  { ...mm('recessDepthMm', 'Recess depth', 0.1, 4), required: false },
  {
    kind: 'count',
    name: 'clicks',
    label: 'Clicks a turn',
    required: false,
    least: 12,
    most: 240,
    help: '60 or 120 as a rule',
    shownWhen: { field: 'bezelKind', isOneOf: ['rotating-click'] },
  },
  FAMILY,
  ...LINE_END,
]

export const INSERT_FIELDS: readonly Field[] = [
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
]

export const CHAPTER_RING_FIELDS: readonly Field[] = [
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
]

export const SUPPLY_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  { kind: 'text', name: 'name', label: 'Name', required: true, mostLength: 120 },
  ...LINE_END,
]

export const DIE_FIELDS: readonly Field[] = [
  CODE,
  { ...DRAWER, mostLength: 40 },
  choice('role', 'Role', DIE_ROLES),
  choice('material', 'Material', DIE_MATERIALS),
  mm('outerDiameterMm', 'Outer diameter', 4, 80),
  mm('openingMm', 'Opening', 0, 78, '0 for a full face; for a socket its grip'),
  mm('recessDepthMm', 'Recess depth', 0, 40, '0 for a full face'),
  {
    kind: 'count',
    name: 'sides',
    label: 'Flats',
    required: false,
    least: 3,
    most: 24,
    help: 'polygon sockets; empty for a knurled one',
    shownWhen: { field: 'role', isOneOf: ['socket'] },
  },
  ...LINE_END,
]

/** Fields of every kind of part: forms, checks, tables, search, import and export are all drawn from them. */
export const PART_FIELDS: Readonly<Record<PartKind, readonly Field[]>> = {
  crystal: CRYSTAL_FIELDS,
  gasket: GASKET_FIELDS,
  'o-ring': O_RING_FIELDS,
  bezel: BEZEL_FIELDS,
  insert: INSERT_FIELDS,
  'chapter-ring': CHAPTER_RING_FIELDS,
  die: DIE_FIELDS,
  supply: SUPPLY_FIELDS,
}
