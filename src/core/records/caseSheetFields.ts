import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES, GASKET_MATERIALS, GASKET_SECTIONS } from '../fit/parts'
import { FEWEST_NOTCHES, MOST_NOTCHES } from '../notches/chordBetweenNotches'
import { BACK_KINDS } from '../opening/backKinds'
import { DIMENSIONS } from '../readings/dimensions'
import type { DimensionId } from '../readings/dimensions'
import type { Field, MmField } from './Field'
import { optionsOf } from './Field'

/** A dimension that is also read at the bench: the same limits hold on the sheet. */
function fromDimension(name: string, id: DimensionId): MmField {
  const { label, leastMm, mostMm } = DIMENSIONS[id]
  return { kind: 'mm', name, label, required: false, leastMm, mostMm }
}

export const CASE_SHEET_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'maker', label: 'Maker', required: true, mostLength: 60 },
  {
    kind: 'text',
    name: 'reference',
    label: 'Reference',
    required: true,
    mostLength: 60,
    help: 'as engraved',
  },
  { kind: 'mm', name: 'caseDiameterMm', label: 'Case diameter', required: false, leastMm: 12, mostMm: 80 },
  { kind: 'mm', name: 'caseHeightMm', label: 'Case height', required: false, leastMm: 3, mostMm: 30 },
  fromDimension('boreMm', 'bore'),
  fromDimension('seatDepthMm', 'seat-depth'),
  { kind: 'mm', name: 'dialOpeningMm', label: 'Dial opening', required: false, leastMm: 6, mostMm: 58 },
  fromDimension('handsBelowSeatMm', 'hands-below-seat'),
  fromDimension('crystalDiameterMm', 'crystal-diameter'),
  fromDimension('crystalEdgeMm', 'crystal-edge'),
  fromDimension('crystalCentreMm', 'crystal-centre'),
  {
    kind: 'mm',
    name: 'undersideRiseMm',
    label: 'Underside rise',
    required: false,
    leastMm: 0,
    mostMm: 5,
    help: '0 unless double dome',
  },
  {
    kind: 'choice',
    name: 'crystalMaterial',
    label: 'Crystal material',
    required: false,
    options: optionsOf(CRYSTAL_MATERIALS),
  },
  {
    kind: 'choice',
    name: 'crystalProfile',
    label: 'Crystal profile',
    required: false,
    options: optionsOf(CRYSTAL_PROFILES),
  },
  fromDimension('gasketWallMm', 'gasket-wall'),
  fromDimension('gasketHeightMm', 'gasket-height'),
  {
    kind: 'choice',
    name: 'gasketSection',
    label: 'Gasket section',
    required: false,
    options: optionsOf(GASKET_SECTIONS),
  },
  {
    kind: 'choice',
    name: 'gasketMaterial',
    label: 'Gasket material',
    required: false,
    options: optionsOf(GASKET_MATERIALS),
  },
  { kind: 'text', name: 'gasketColour', label: 'Gasket colour', required: false, mostLength: 20 },
  { kind: 'choice', name: 'backKind', label: 'Back', required: false, options: optionsOf(BACK_KINDS) },
  {
    kind: 'count',
    name: 'notchCount',
    label: 'Notches',
    required: false,
    least: FEWEST_NOTCHES,
    most: MOST_NOTCHES,
    help: 'notched backs only',
  },
  { kind: 'mm', name: 'notchCircleMm', label: 'Notch circle', required: false, leastMm: 8, mostMm: 60 },
  { kind: 'count', name: 'backScrewCount', label: 'Back screws', required: false, least: 2, most: 12 },
  { kind: 'text', name: 'note', label: 'Note', required: false, mostLength: 1000, multiline: true },
]
