import { DIE_MATERIALS, DIE_ROLES } from '../dies/Die'
import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES, GASKET_MATERIALS, GASKET_SECTIONS } from '../fit/parts'
import type { Field } from './Field'
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
  kind: 'count',
  name: 'priceCents',
  label: 'Price',
  required: true,
  least: 0,
  most: 10_000_000,
  unit: 'cents',
}

export const CRYSTAL_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  { kind: 'mm', name: 'diameterMm', label: 'Diameter', required: true, leastMm: 8, mostMm: 60 },
  { kind: 'mm', name: 'edgeThicknessMm', label: 'Edge thickness', required: true, leastMm: 0.4, mostMm: 8 },
  {
    kind: 'mm',
    name: 'centreThicknessMm',
    label: 'Centre thickness',
    required: true,
    leastMm: 0.4,
    mostMm: 10,
    help: 'the same as the edge when flat',
  },
  {
    kind: 'mm',
    name: 'undersideRiseMm',
    label: 'Underside rise',
    required: true,
    leastMm: 0,
    mostMm: 5,
    help: '0 unless double dome',
  },
  { kind: 'mm', name: 'bevelMm', label: 'Bevel', required: true, leastMm: 0, mostMm: 2 },
  {
    kind: 'choice',
    name: 'material',
    label: 'Material',
    required: true,
    options: optionsOf(CRYSTAL_MATERIALS),
  },
  { kind: 'choice', name: 'profile', label: 'Profile', required: true, options: optionsOf(CRYSTAL_PROFILES) },
  QUANTITY,
  PRICE,
]

export const GASKET_FIELDS: readonly Field[] = [
  CODE,
  DRAWER,
  { kind: 'mm', name: 'outerDiameterMm', label: 'Outer diameter', required: true, leastMm: 8, mostMm: 60 },
  { kind: 'mm', name: 'wallMm', label: 'Wall', required: true, leastMm: 0.15, mostMm: 2 },
  { kind: 'mm', name: 'heightMm', label: 'Height', required: true, leastMm: 0.4, mostMm: 6 },
  { kind: 'choice', name: 'section', label: 'Section', required: true, options: optionsOf(GASKET_SECTIONS) },
  {
    kind: 'mm',
    name: 'footMm',
    label: 'Foot',
    required: true,
    leastMm: 0,
    mostMm: 1,
    help: 'thickness under the crystal; 0 for I',
  },
  {
    kind: 'choice',
    name: 'material',
    label: 'Material',
    required: true,
    options: optionsOf(GASKET_MATERIALS),
  },
  { kind: 'text', name: 'colour', label: 'Colour', required: true, mostLength: 20 },
  QUANTITY,
  PRICE,
]

export const DIE_FIELDS: readonly Field[] = [
  CODE,
  { kind: 'choice', name: 'role', label: 'Role', required: true, options: optionsOf(DIE_ROLES) },
  { kind: 'choice', name: 'material', label: 'Material', required: true, options: optionsOf(DIE_MATERIALS) },
  { kind: 'text', name: 'place', label: 'Place', required: true, mostLength: 40 },
  { kind: 'mm', name: 'outerDiameterMm', label: 'Outer diameter', required: true, leastMm: 4, mostMm: 80 },
  {
    kind: 'mm',
    name: 'openingMm',
    label: 'Opening',
    required: true,
    leastMm: 0,
    mostMm: 78,
    help: '0 for a full face; for a socket its grip',
  },
  {
    kind: 'mm',
    name: 'recessDepthMm',
    label: 'Recess depth',
    required: true,
    leastMm: 0,
    mostMm: 40,
    help: '0 for a full face',
  },
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
]
