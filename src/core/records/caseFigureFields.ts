import { GASKET_MATERIALS, GASKET_SECTIONS } from '../fit/parts'
import type { AskedWith } from '../readings/Dimension'
import { DIMENSIONS } from '../readings/dimensions'
import type { SheetDimension } from '../readings/sheetFigures'
import { SHEET_DIMENSIONS, sheetField } from '../readings/sheetFigures'
import {
  HAS_BACK_RING,
  HAS_BEZEL,
  HAS_CHAPTER_RING,
  HAS_CROWN,
  HAS_INSERT,
  HAS_MAGNIFIER,
  HAS_PUSHERS,
  RINGED,
  SCREWED_BACK,
  TWO_PART_BACK,
  whereBuiltSo,
} from './caseConditions'
import { choice } from './choiceField'
import type { Field, Shown } from './Field'

const ASKED_WITH: Readonly<Record<Exclude<AskedWith, 'every-case'>, readonly Shown[]>> = {
  construction: [],
  bezel: [HAS_BEZEL],
  insert: [HAS_INSERT],
  'chapter-ring': [HAS_CHAPTER_RING],
  'back-ring': [HAS_BACK_RING],
  'two-part-back': [TWO_PART_BACK],
  'screwed-back': [SCREWED_BACK],
  crown: [HAS_CROWN],
  pushers: [HAS_PUSHERS],
}

/** A dimension that is also read at the bench: the same limits hold on the sheet. */
function fieldOf(id: SheetDimension): Field {
  const { label, leastMm, mostMm, askedWith } = DIMENSIONS[id]
  const field = { kind: 'figure', name: sheetField(id), label, required: false, leastMm, mostMm } as const
  if (askedWith === 'every-case') return field
  return { ...field, shownWhen: [...whereBuiltSo(id), ...ASKED_WITH[askedWith]] }
}

/** Figures of the case, filled in as they are measured. */
export const CASE_FIGURE_FIELDS: readonly Field[] = [
  {
    kind: 'figure',
    name: 'caseDiameterMm',
    label: 'Case diameter',
    required: false,
    leastMm: 12,
    mostMm: 80,
  },
  { kind: 'figure', name: 'caseHeightMm', label: 'Case height', required: false, leastMm: 3, mostMm: 30 },
  { kind: 'figure', name: 'dialOpeningMm', label: 'Dial opening', required: false, leastMm: 6, mostMm: 58 },
  {
    kind: 'figure',
    name: 'dateRadiusMm',
    label: 'Date from the middle',
    required: false,
    leastMm: 2,
    mostMm: 25,
    help: 'to the middle of its window: a magnifier belongs over it',
    shownWhen: HAS_MAGNIFIER,
  },
  {
    kind: 'figure',
    name: 'undersideRiseMm',
    label: 'Underside rise',
    required: false,
    leastMm: 0,
    mostMm: 5,
    help: '0 unless double dome',
  },
  ...SHEET_DIMENSIONS.map(fieldOf),
  { ...choice('gasketSection', 'Gasket section', GASKET_SECTIONS), shownWhen: RINGED },
  { ...choice('gasketMaterial', 'Gasket material', GASKET_MATERIALS), shownWhen: RINGED },
  {
    kind: 'text',
    name: 'gasketColour',
    label: 'Gasket colour',
    required: false,
    mostLength: 20,
    shownWhen: RINGED,
  },
]
