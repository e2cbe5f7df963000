import { GASKET_MATERIALS, GASKET_SECTIONS } from '../fit/parts'
import { DIMENSIONS } from '../readings/dimensions'
import type { DimensionId } from '../readings/dimensionKinds'
import type { Field, MmField } from './Field'
import {
  HAS_BACK_RING,
  HAS_CHAPTER_RING,
  HAS_BEZEL,
  HAS_CROWN,
  HAS_INSERT,
  HAS_MAGNIFIER,
  RINGED,
  whereBuiltSo,
  whereBuiltSoOrBezel,
} from './caseConditions'
import { choice } from './choiceField'

/** A dimension that is also read at the bench: the same limits hold on the sheet. */
function fromDimension(name: string, id: DimensionId): MmField {
  const { label, leastMm, mostMm } = DIMENSIONS[id]
  return { kind: 'mm', name, label, required: false, leastMm, mostMm }
}

/** Figures of the case, filled in as they are measured. */
export const CASE_FIGURE_FIELDS: readonly Field[] = [
  { kind: 'mm', name: 'caseDiameterMm', label: 'Case diameter', required: false, leastMm: 12, mostMm: 80 },
  { kind: 'mm', name: 'caseHeightMm', label: 'Case height', required: false, leastMm: 3, mostMm: 30 },
  { ...fromDimension('boreMm', 'bore'), shownWhen: whereBuiltSo('bore') },
  { ...fromDimension('seatDepthMm', 'seat-depth'), shownWhen: whereBuiltSo('seat-depth') },
  { kind: 'mm', name: 'dialOpeningMm', label: 'Dial opening', required: false, leastMm: 6, mostMm: 58 },
  fromDimension('handsBelowSeatMm', 'hands-below-seat'),
  {
    kind: 'mm',
    name: 'dateRadiusMm',
    label: 'Date from the middle',
    required: false,
    leastMm: 2,
    mostMm: 25,
    help: 'to the middle of its window: a magnifier belongs over it',
    shownWhen: HAS_MAGNIFIER,
  },
  { ...fromDimension('crystalDiameterMm', 'crystal-diameter'), shownWhen: whereBuiltSo('crystal-diameter') },
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
  { ...fromDimension('gasketWallMm', 'gasket-wall'), shownWhen: whereBuiltSo('gasket-wall') },
  { ...fromDimension('gasketHeightMm', 'gasket-height'), shownWhen: whereBuiltSo('gasket-height') },
  { ...fromDimension('neckOuterMm', 'neck-outer'), shownWhen: whereBuiltSoOrBezel('neck-outer') },
  { ...fromDimension('skirtInnerMm', 'skirt-inner'), shownWhen: whereBuiltSo('skirt-inner') },
  { ...fromDimension('skirtOuterMm', 'skirt-outer'), shownWhen: whereBuiltSo('skirt-outer') },
  { ...fromDimension('bezelInnerMm', 'bezel-inner'), shownWhen: whereBuiltSoOrBezel('bezel-inner') },
  { ...fromDimension('bezelBoreMm', 'bezel-bore'), shownWhen: whereBuiltSo('bezel-bore') },
  {
    ...fromDimension('bezelGasketWallMm', 'bezel-gasket-wall'),
    shownWhen: whereBuiltSo('bezel-gasket-wall'),
  },
  { ...fromDimension('keySpacingMm', 'key-spacing'), shownWhen: whereBuiltSo('key-spacing') },
  { ...fromDimension('keyWidthMm', 'key-width'), shownWhen: whereBuiltSo('key-width') },
  { ...fromDimension('grooveMm', 'groove'), shownWhen: whereBuiltSo('groove') },
  { ...fromDimension('domeHeightMm', 'dome-height'), shownWhen: whereBuiltSo('dome-height') },
  { ...fromDimension('ringHeightMm', 'ring-height'), shownWhen: whereBuiltSo('ring-height') },
  { ...fromDimension('rebateLengthMm', 'rebate-length'), shownWhen: whereBuiltSo('rebate-length') },
  { ...fromDimension('rebateWidthMm', 'rebate-width'), shownWhen: whereBuiltSo('rebate-width') },
  { ...fromDimension('rebateDepthMm', 'rebate-depth'), shownWhen: whereBuiltSo('rebate-depth') },
  { ...fromDimension('rebateCornerMm', 'rebate-corner'), shownWhen: whereBuiltSo('rebate-corner') },
  { ...fromDimension('crystalLengthMm', 'crystal-length'), shownWhen: whereBuiltSo('crystal-length') },
  { ...fromDimension('crystalWidthMm', 'crystal-width'), shownWhen: whereBuiltSo('crystal-width') },
  { ...fromDimension('gasketOuterMm', 'gasket-outer'), shownWhen: whereBuiltSo('gasket-outer') },
  { ...fromDimension('insertOuterMm', 'insert-outer'), shownWhen: HAS_INSERT },
  { ...fromDimension('insertInnerMm', 'insert-inner'), shownWhen: HAS_INSERT },
  { ...fromDimension('insertThicknessMm', 'insert-thickness'), shownWhen: HAS_INSERT },
  { ...fromDimension('recessOuterMm', 'recess-outer'), shownWhen: HAS_INSERT },
  { ...fromDimension('recessInnerMm', 'recess-inner'), shownWhen: HAS_INSERT },
  { ...fromDimension('recessDepthMm', 'recess-depth'), shownWhen: HAS_INSERT },
  { ...fromDimension('bezelOuterMm', 'bezel-outer'), shownWhen: HAS_BEZEL },
  { ...fromDimension('chapterRingInnerMm', 'chapter-ring-inner'), shownWhen: HAS_CHAPTER_RING },
  { ...fromDimension('chapterRingOuterMm', 'chapter-ring-outer'), shownWhen: HAS_CHAPTER_RING },
  { ...fromDimension('chapterRingHeightMm', 'chapter-ring-height'), shownWhen: HAS_CHAPTER_RING },
  {
    ...fromDimension('backRingInnerMm', 'back-ring-inner'),
    shownWhen: HAS_BACK_RING,
  },
  {
    ...fromDimension('backRingSectionMm', 'back-ring-section'),
    shownWhen: HAS_BACK_RING,
  },
  {
    ...fromDimension('backGrooveInnerMm', 'back-groove-inner'),
    shownWhen: HAS_BACK_RING,
  },
  {
    ...fromDimension('backGrooveWidthMm', 'back-groove-width'),
    shownWhen: HAS_BACK_RING,
  },
  {
    ...fromDimension('backGrooveDepthMm', 'back-groove-depth'),
    shownWhen: HAS_BACK_RING,
  },
  { ...fromDimension('crownTubeMm', 'crown-tube'), shownWhen: HAS_CROWN },
  { ...fromDimension('crownBoreMm', 'crown-bore'), shownWhen: HAS_CROWN },
  { ...fromDimension('crownRoomMm', 'crown-room'), shownWhen: HAS_CROWN },
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
