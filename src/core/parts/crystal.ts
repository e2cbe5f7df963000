import { AR_COATINGS, MAGNIFIERS } from '../construction/kinds'
import { CRYSTAL_BUILDS, CRYSTAL_MATERIALS, CRYSTAL_PROFILES } from '../fit/parts'
import type { FieldValue } from '../records/checkRecord'
import { choice, CODE, DRAWER, LINE_END, mm } from './lineFields'
import type { Part, PartFault } from './Part'

const SHAPED = { field: 'build', isOneOf: ['shaped'] }

/** Crystals, as the drawers hold them. */
export const crystal: Part = {
  one: 'crystal',
  many: 'Crystals',
  alsoCalled: ['glass'],
  fields: [
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
  ],
  startsAs: {
    build: 'disc',
    undersideRiseMm: 0,
    bevelMm: 0.2,
    material: 'mineral',
    profile: 'flat',
    magnifier: 'none',
    arCoating: 'none',
  },
  sizes: ['diameterMm', 'edgeThicknessMm'],
  sortedFirst: null,
  searched: ['material', 'profile', 'build', 'magnifier', 'arCoating'],
  columns: [
    { field: 'diameterMm', head: 'Diameter', shows: 'mm', by: 'widthMm' },
    { field: 'edgeThicknessMm', head: 'Edge', shows: 'mm' },
    { field: 'centreThicknessMm', head: 'Centre', shows: 'mm' },
    { field: 'material', head: 'Material', shows: 'word' },
    { field: 'profile', head: 'Profile', shows: 'word' },
    { field: 'build', head: 'Made for', shows: 'word', flex: 0.5 },
  ],
  saidSizes: ['diameterMm', 'widthMm', 'edgeThicknessMm'],
  namedBy: ['profile', 'material'],
  remarks: ({ magnifier, arCoating }) => [
    ...(magnifier === 'none' || !magnifier ? [] : ['magnifier']),
    ...(arCoating === 'none' || !arCoating ? [] : [`AR ${arCoating}`]),
  ],
  listDefaults: ['material', 'profile', 'edgeThicknessMm', 'drawer'],
  faultOf: crystalFault,
}

function crystalFault(values: Readonly<Record<string, FieldValue>>): PartFault | null {
  const { profile, edgeThicknessMm: edge, centreThicknessMm: centre, undersideRiseMm: rise } = values
  if (profile === 'flat' && (edge !== centre || rise !== 0)) {
    return {
      field: 'centreThicknessMm',
      message: 'Flat: centre must equal the edge and the underside rise must be 0, or choose a dome.',
    }
  }
  if (profile === 'single-dome' && rise !== 0) {
    return { field: 'undersideRiseMm', message: 'Single dome: the underside is flat, so its rise is 0.' }
  }
  return null
}
