import {
  AR_COATINGS,
  BACK_SEALS,
  BEZEL_ENTRIES,
  BEZEL_KINDS,
  CHAPTER_RINGS,
  CRYSTAL_OUTLINES,
  CROWN_KINDS,
  CROWN_POSITIONS,
  INSERT_FORMS,
  INSERT_HOLDS,
  INSERT_MATERIALS,
  MAGNIFIERS,
  METALS,
  MOVEMENT_HOLDS,
  MOVEMENT_KINDS,
  NOTCH_SHAPES,
  RETENTION_WORDS,
  RETENTIONS,
  STEM_RELEASES,
} from '../construction/kinds'
import { CRYSTAL_MATERIALS, CRYSTAL_PROFILES, GASKET_MATERIALS, GASKET_SECTIONS } from '../fit/parts'
import { FEWEST_NOTCHES, MOST_NOTCHES } from '../notches/chordBetweenNotches'
import { BACK_KINDS } from '../opening/backKinds'
import { DIMENSIONS } from '../readings/dimensions'
import type { DimensionId } from '../readings/dimensionKinds'
import type { Field, MmField } from './Field'
import { optionsOf } from './Field'

/** A dimension that is also read at the bench: the same limits hold on the sheet. */
function fromDimension(name: string, id: DimensionId): MmField {
  const { label, leastMm, mostMm } = DIMENSIONS[id]
  return { kind: 'mm', name, label, required: false, leastMm, mostMm }
}

function choice(name: string, label: string, values: readonly string[], required = false): Field {
  return { kind: 'choice', name, label, required, options: optionsOf(values) }
}

const PRESSED = ['fixed-friction', 'crystal-retaining', 'rotating-click', 'rotating-friction']
const HAS_CHAPTER_RING = { field: 'chapterRing', isOneOf: ['loose', 'fixed', 'keyed'] }
const HAS_STEM = { field: 'movementKind', isOneOf: ['mechanical', 'quartz', 'hands-and-digital'] }
const HAS_BEZEL = { field: 'bezelKind', isOneOf: BEZEL_KINDS.filter((kind) => kind !== 'none') }
const HAS_CROWN = { field: 'crownKind', isOneOf: ['push-pull', 'screw-down'] }
const HAS_INSERT = { field: 'insertMaterial', isOneOf: ['aluminium', 'ceramic', 'steel', 'sapphire'] }
const ON_NECK = { field: 'retention', isOneOf: ['neck-and-bezel'] }
/** Whatever bezel a case has goes over a neck, whether it holds the crystal, carries it or only turns. */
const HAS_NECK = [{ field: 'retention', isOneOf: ['neck-and-bezel', 'press-in-bezel'] }, HAS_BEZEL]
const IN_BEZEL = { field: 'retention', isOneOf: ['press-in-bezel'] }
const SNAPPED = { field: 'retention', isOneOf: ['snap-acrylic'] }
const CEMENTED = { field: 'retention', isOneOf: ['cemented'] }
const NOTCHED = { field: 'backKind', isOneOf: ['screw-notched'] }

export const IDENTITY_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'maker', label: 'Maker', required: true, mostLength: 60 },
  {
    kind: 'text',
    name: 'reference',
    label: 'Reference',
    required: true,
    mostLength: 60,
    help: 'as engraved',
  },
]

/** How the case is built: what intake asks of a case never seen before, each only where it matters. */
export const CONSTRUCTION_FIELDS: readonly Field[] = [
  {
    kind: 'choice',
    name: 'retention',
    label: 'Crystal held',
    required: true,
    options: RETENTIONS.map((value) => ({ value, label: RETENTION_WORDS[value] })),
  },
  choice('crystalMaterial', 'Crystal material', CRYSTAL_MATERIALS),
  choice('crystalProfile', 'Crystal profile', CRYSTAL_PROFILES),
  choice('magnifier', 'Magnifier', MAGNIFIERS, true),
  {
    ...choice('arCoating', 'AR coat', AR_COATINGS, true),
    shownWhen: { field: 'crystalMaterial', isOneOf: ['mineral', 'hardened-mineral', 'sapphire'] },
  },
  choice('bezelKind', 'Bezel', BEZEL_KINDS, true),
  {
    ...choice('bezelEntry', 'Gap under the bezel', BEZEL_ENTRIES),
    shownWhen: { field: 'bezelKind', isOneOf: PRESSED },
  },
  {
    ...choice('insertMaterial', 'Insert', INSERT_MATERIALS, true),
    shownWhen: { field: 'bezelKind', isOneOf: PRESSED },
  },
  { ...choice('insertHold', 'Insert held by', INSERT_HOLDS), shownWhen: HAS_INSERT },
  { ...choice('insertForm', 'Insert form', INSERT_FORMS), shownWhen: HAS_INSERT },
  {
    kind: 'count',
    name: 'bezelClicks',
    label: 'Clicks a turn',
    required: false,
    least: 12,
    most: 240,
    help: '60 or 120 as a rule',
    shownWhen: { field: 'bezelKind', isOneOf: ['rotating-click'] },
  },
  {
    kind: 'text',
    name: 'bezelFamily',
    label: 'Bezel family',
    required: false,
    mostLength: 40,
    help: 'parts that look alike but belong to another family are kept apart',
    shownWhen: HAS_BEZEL,
  },
  {
    ...choice('crystalOutline', 'Crystal outline', CRYSTAL_OUTLINES),
    help: 'a round rebate is read across, a shaped one along its sides',
    shownWhen: CEMENTED,
  },
  choice('chapterRing', 'Chapter ring', CHAPTER_RINGS, true),
  choice('caseMaterial', 'Case material', METALS),
  choice('backKind', 'Back', BACK_KINDS),
  {
    kind: 'count',
    name: 'notchCount',
    label: 'Notches',
    required: false,
    least: FEWEST_NOTCHES,
    most: MOST_NOTCHES,
    shownWhen: NOTCHED,
  },
  { ...choice('notchShape', 'Notch shape', NOTCH_SHAPES), shownWhen: NOTCHED },
  {
    kind: 'mm',
    name: 'notchCircleMm',
    label: 'Notch circle',
    required: false,
    leastMm: 8,
    mostMm: 60,
    shownWhen: NOTCHED,
  },
  {
    kind: 'mm',
    name: 'backGripMm',
    label: 'Back grip',
    required: false,
    leastMm: 12,
    mostMm: 60,
    help: 'knurled rim, or across flats',
    shownWhen: { field: 'backKind', isOneOf: ['screw-coin-edge', 'screw-polygon'] },
  },
  {
    kind: 'count',
    name: 'backSides',
    label: 'Flats',
    required: false,
    least: 3,
    most: 24,
    shownWhen: { field: 'backKind', isOneOf: ['screw-polygon'] },
  },
  {
    kind: 'count',
    name: 'lipHour',
    label: 'Lip at',
    required: false,
    least: 1,
    most: 12,
    unit: 'o’clock',
    shownWhen: { field: 'backKind', isOneOf: ['snap'] },
  },
  {
    kind: 'count',
    name: 'backScrewCount',
    label: 'Back screws',
    required: false,
    least: 2,
    most: 12,
    shownWhen: { field: 'backKind', isOneOf: ['plate-screws'] },
  },
  { kind: 'flag', name: 'twoPartBack', label: 'Two-part back' },
  choice('backSeal', 'Back seal', BACK_SEALS, true),
  choice('movementKind', 'Movement', MOVEMENT_KINDS, true),
  { ...choice('stemRelease', 'Stem release', STEM_RELEASES), shownWhen: HAS_STEM },
  { ...choice('stemReleaseCrown', 'Crown for release', CROWN_POSITIONS), shownWhen: HAS_STEM },
  choice('movementHold', 'Movement held by', MOVEMENT_HOLDS),
  choice('crownKind', 'Crown', CROWN_KINDS, true),
  {
    kind: 'count',
    name: 'crownHour',
    label: 'Crown at',
    required: false,
    least: 1,
    most: 12,
    unit: 'o’clock',
  },
  {
    kind: 'many',
    name: 'pusherHours',
    label: 'Pushers at',
    required: false,
    options: optionsOf(['1', '2', '4', '5', '7', '8', '10', '11']),
  },
]

/** Figures of the case, filled in as they are measured. */
const FIGURE_FIELDS: readonly Field[] = [
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
  fromDimension('gasketWallMm', 'gasket-wall'),
  fromDimension('gasketHeightMm', 'gasket-height'),
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
  { ...fromDimension('rebateLengthMm', 'rebate-length'), shownWhen: CEMENTED },
  { ...fromDimension('rebateWidthMm', 'rebate-width'), shownWhen: CEMENTED },
  { ...fromDimension('rebateDepthMm', 'rebate-depth'), shownWhen: CEMENTED },
  { ...fromDimension('rebateCornerMm', 'rebate-corner'), shownWhen: CEMENTED },
  { ...fromDimension('crystalLengthMm', 'crystal-length'), shownWhen: CEMENTED },
  { ...fromDimension('crystalWidthMm', 'crystal-width'), shownWhen: CEMENTED },
  fromDimension('gasketOuterMm', 'gasket-outer'),
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
    shownWhen: { field: 'backSeal', isOneOf: ['o-ring', 'flat-gasket'] },
  },
  {
    ...fromDimension('backRingSectionMm', 'back-ring-section'),
    shownWhen: { field: 'backSeal', isOneOf: ['o-ring', 'flat-gasket'] },
  },
  {
    ...fromDimension('backGrooveInnerMm', 'back-groove-inner'),
    shownWhen: { field: 'backSeal', isOneOf: ['o-ring'] },
  },
  {
    ...fromDimension('backGrooveWidthMm', 'back-groove-width'),
    shownWhen: { field: 'backSeal', isOneOf: ['o-ring'] },
  },
  {
    ...fromDimension('backGrooveDepthMm', 'back-groove-depth'),
    shownWhen: { field: 'backSeal', isOneOf: ['o-ring'] },
  },
  { ...fromDimension('crownTubeMm', 'crown-tube'), shownWhen: HAS_CROWN },
  { ...fromDimension('crownBoreMm', 'crown-bore'), shownWhen: HAS_CROWN },
  choice('gasketSection', 'Gasket section', GASKET_SECTIONS),
  choice('gasketMaterial', 'Gasket material', GASKET_MATERIALS),
  { kind: 'text', name: 'gasketColour', label: 'Gasket colour', required: false, mostLength: 20 },
]

export const CASE_SHEET_FIELDS: readonly Field[] = [
  ...IDENTITY_FIELDS,
  ...CONSTRUCTION_FIELDS,
  ...FIGURE_FIELDS,
  { kind: 'text', name: 'note', label: 'Note', required: false, mostLength: 1000, multiline: true },
]
