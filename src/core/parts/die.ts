import { DIE_MATERIALS, DIE_ROLES } from '../dies/Die'
import type { FieldValue } from '../records/checkRecord'
import { choice, CODE, DRAWER, LINE_END, mm } from './lineFields'
import type { Part, PartFault } from './Part'

/** Dies, as the drawers hold them. */
export const die: Part = {
  one: 'die',
  many: 'Dies',
  alsoCalled: [],
  fields: [
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
  ],
  startsAs: { role: 'pusher', material: 'nylon', openingMm: 0, recessDepthMm: 0 },
  sizes: ['outerDiameterMm', 'openingMm'],
  sortedFirst: 'role',
  searched: ['role', 'material'],
  columns: [
    { field: 'role', head: 'Role', shows: 'word', flex: 0.5 },
    { field: 'outerDiameterMm', head: 'Outside', shows: 'mm' },
    { field: 'openingMm', head: 'Opening', shows: 'mm', zeroIsNone: true },
    { field: 'recessDepthMm', head: 'Recess', shows: 'mm', zeroIsNone: true },
    { field: 'material', head: 'Material', shows: 'word', flex: 0.5 },
  ],
  namedBy: ['material', 'role'],
  listDefaults: ['role', 'material', 'openingMm', 'recessDepthMm', 'drawer'],
  faultOf: dieFault,
}

function dieFault(values: Readonly<Record<string, FieldValue>>): PartFault | null {
  const { outerDiameterMm: outer, openingMm: opening } = values
  return typeof outer === 'number' && typeof opening === 'number' && opening >= outer
    ? { field: 'openingMm', message: 'Opening: must be smaller than the outer diameter.' }
    : null
}
