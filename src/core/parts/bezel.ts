import { BEZEL_KINDS, METALS } from '../construction/kinds'
import { choice, CODE, DRAWER, FAMILY, LINE_END, mm, ringFault } from './lineFields'
import type { Part } from './Part'

const CARRIES_CRYSTAL = { field: 'bezelKind', isOneOf: ['crystal-retaining'] }

/** Bezels, as the drawers hold them. */
export const bezel: Part = {
  one: 'bezel',
  many: 'Bezels',
  alsoCalled: [],
  fields: [
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
  ],
  startsAs: { bezelKind: 'rotating-click', material: 'steel' },
  sizes: ['outerMm', 'innerMm'],
  sortedFirst: null,
  searched: ['bezelKind', 'material', 'family'],
  columns: [
    { field: 'outerMm', head: 'Outside', shows: 'mm' },
    { field: 'innerMm', head: 'Inside', shows: 'mm' },
    { field: 'bezelKind', head: 'Kind', shows: 'word' },
    { field: 'material', head: 'Material', shows: 'word', flex: 0.5 },
    { field: 'family', head: 'Family', shows: 'word', flex: 0.5 },
  ],
  namedBy: ['material', 'bezelKind'],
  listDefaults: ['material', 'bezelKind', 'family', 'drawer'],
  faultOf: (values) =>
    ringFault('outerMm', 'innerMm')(values) ?? ringFault('recessOuterMm', 'recessInnerMm')(values),
}
