import { BEZEL_KINDS, RETENTIONS } from '../construction/kinds'

export const PRESSED = ['fixed-friction', 'crystal-retaining', 'rotating-click', 'rotating-friction']
export const HAS_CHAPTER_RING = { field: 'chapterRing', isOneOf: ['loose', 'fixed', 'keyed'] }
export const HAS_STEM = { field: 'movementKind', isOneOf: ['mechanical', 'quartz', 'hands-and-digital'] }
export const HAS_BEZEL = { field: 'bezelKind', isOneOf: BEZEL_KINDS.filter((kind) => kind !== 'none') }
export const HAS_CROWN = { field: 'crownKind', isOneOf: ['push-pull', 'screw-down'] }
export const HAS_BACK_RING = { field: 'backSeal', isOneOf: ['o-ring', 'flat-gasket'] }
export const HAS_INSERT = { field: 'insertMaterial', isOneOf: ['aluminium', 'ceramic', 'steel', 'sapphire'] }
export const HAS_MAGNIFIER = { field: 'magnifier', isOneOf: ['outside', 'inside'] }
export const ON_NECK = { field: 'retention', isOneOf: ['neck-and-bezel'] }
/** Whatever bezel a case has goes over a neck, whether it holds the crystal, carries it or only turns. */
export const HAS_NECK = [{ field: 'retention', isOneOf: ['neck-and-bezel', 'press-in-bezel'] }, HAS_BEZEL]
export const IN_BEZEL = { field: 'retention', isOneOf: ['press-in-bezel'] }
export const SNAPPED = { field: 'retention', isOneOf: ['snap-acrylic'] }
export const CEMENTED = { field: 'retention', isOneOf: ['cemented'] }
/** Sides of a shaped crystal and its rebate; asked as long as nobody said that it is round. */
export const SHAPED_IN_CEMENT = { ...CEMENTED, unless: { field: 'crystalOutline', isOneOf: ['round'] } }
/** A crystal read by one diameter. */
export const ROUND_CRYSTAL = {
  field: 'retention',
  isOneOf: RETENTIONS,
  unless: { field: 'crystalOutline', isOneOf: ['shaped'] },
}
/** A crystal in a bore of the case itself. */
export const IN_BORE = {
  field: 'retention',
  isOneOf: ['tension-gasket', 'tension-ring-acrylic', 'cemented'],
  unless: { field: 'crystalOutline', isOneOf: ['shaped'] },
}
export const ON_SEAT = { field: 'retention', isOneOf: ['tension-gasket', 'press-in-bezel'] }
/** A crystal that a ring gasket may hold. */
export const RINGED = { field: 'retention', isOneOf: ['tension-gasket', 'neck-and-bezel', 'press-in-bezel'] }
export const NOTCHED = { field: 'backKind', isOneOf: ['screw-notched'] }
