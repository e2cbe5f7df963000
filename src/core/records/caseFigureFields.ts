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
  ON_NECK,
  HAS_NECK,
  IN_BEZEL,
  SNAPPED,
  CEMENTED,
  IN_BORE,
  ON_SEAT,
  RINGED,
  ROUND_CRYSTAL,
  SHAPED_IN_CEMENT,
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
  { ...fromDimension('boreMm', 'bore'), shownWhen: IN_BORE },
  { ...fromDimension('seatDepthMm', 'seat-depth'), shownWhen: ON_SEAT },
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
  { ...fromDimension('crystalDiameterMm', 'crystal-diameter'), shownWhen: ROUND_CRYSTAL },
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
  { ...fromDimension('gasketWallMm', 'gasket-wall'), shownWhen: RINGED },
  { ...fromDimension('gasketHeightMm', 'gasket-height'), shownWhen: RINGED },
  { ...fromDimension('neckOuterMm', 'neck-outer'), shownWhen: HAS_NECK },
  { ...fromDimension('skirtInnerMm', 'skirt-inner'), shownWhen: ON_NECK },
  { ...fromDimension('skirtOuterMm', 'skirt-outer'), shownWhen: ON_NECK },
  { ...fromDimension('bezelInnerMm', 'bezel-inner'), shownWhen: HAS_NECK },
  { ...fromDimension('bezelBoreMm', 'bezel-bore'), shownWhen: IN_BEZEL },
  { ...fromDimension('bezelGasketWallMm', 'bezel-gasket-wall'), shownWhen: IN_BEZEL },
  { ...fromDimension('keySpacingMm', 'key-spacing'), shownWhen: IN_BEZEL },
  { ...fromDimension('keyWidthMm', 'key-width'), shownWhen: IN_BEZEL },
  { ...fromDimension('grooveMm', 'groove'), shownWhen: SNAPPED },
  {
    ...fromDimension('domeHeightMm', 'dome-height'),
    shownWhen: { field: 'retention', isOneOf: ['snap-acrylic', 'tension-ring-acrylic', 'neck-and-bezel'] },
  },
  {
    ...fromDimension('ringHeightMm', 'ring-height'),
    shownWhen: { field: 'retention', isOneOf: ['tension-ring-acrylic'] },
  },
  { ...fromDimension('rebateLengthMm', 'rebate-length'), shownWhen: SHAPED_IN_CEMENT },
  { ...fromDimension('rebateWidthMm', 'rebate-width'), shownWhen: SHAPED_IN_CEMENT },
  { ...fromDimension('rebateDepthMm', 'rebate-depth'), shownWhen: CEMENTED },
  { ...fromDimension('rebateCornerMm', 'rebate-corner'), shownWhen: SHAPED_IN_CEMENT },
  { ...fromDimension('crystalLengthMm', 'crystal-length'), shownWhen: SHAPED_IN_CEMENT },
  { ...fromDimension('crystalWidthMm', 'crystal-width'), shownWhen: SHAPED_IN_CEMENT },
  { ...fromDimension('gasketOuterMm', 'gasket-outer'), shownWhen: RINGED },
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
