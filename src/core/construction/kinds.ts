/** How crystals, bezels, backs and movements are built: the words every case sheet is written in. Common practice. */

export const RETENTIONS = [
  'tension-gasket',
  'neck-and-bezel',
  'press-in-bezel',
  'snap-acrylic',
  'tension-ring-acrylic',
  'cemented',
  'bayonet-ring',
] as const
export type Retention = (typeof RETENTIONS)[number]

export const BEZEL_KINDS = [
  'none',
  'fixed-friction',
  'crystal-retaining',
  'rotating-click',
  'rotating-friction',
  'screwed',
  'resin-shell',
] as const
export type BezelKind = (typeof BEZEL_KINDS)[number]

/** Where a lever can enter under a pressed bezel. */
export const BEZEL_ENTRIES = ['gap', 'lifting-slot', 'none'] as const
export type BezelEntry = (typeof BEZEL_ENTRIES)[number]

export const METALS = ['steel', 'aluminium', 'brass', 'titanium', 'gold', 'resin'] as const
export type Metal = (typeof METALS)[number]

export const INSERT_MATERIALS = ['none', 'aluminium', 'ceramic', 'steel', 'sapphire'] as const
export type InsertMaterial = (typeof INSERT_MATERIALS)[number]

export const INSERT_FORMS = ['flat', 'sloped'] as const
export type InsertForm = (typeof INSERT_FORMS)[number]

export const INSERT_HOLDS = ['adhesive', 'friction'] as const
export type InsertHold = (typeof INSERT_HOLDS)[number]

export const MAGNIFIERS = ['none', 'outside', 'inside'] as const
export type Magnifier = (typeof MAGNIFIERS)[number]

/** Where a date stands, as clock hours: between two it counts as the half hour. */
export const DATE_PLACES = [
  ...['12', '1', '1:30', '2', '3', '4', '4:30', '5'],
  ...['6', '7', '7:30', '8', '9', '10', '10:30', '11'],
] as const
export type DatePlace = (typeof DATE_PLACES)[number]

export const AR_COATINGS = ['none', 'inside', 'outside', 'both'] as const
export type ArCoating = (typeof AR_COATINGS)[number]

/** Outline of a cemented crystal and its rebate. */
export const CRYSTAL_OUTLINES = ['round', 'shaped'] as const
export type CrystalOutline = (typeof CRYSTAL_OUTLINES)[number]

export const CHAPTER_RINGS = ['none', 'loose', 'fixed', 'keyed'] as const
export type ChapterRing = (typeof CHAPTER_RINGS)[number]

export const BACK_SEALS = ['none', 'o-ring', 'flat-gasket', 'plastic-ring'] as const
export type BackSeal = (typeof BACK_SEALS)[number]

export const MOVEMENT_KINDS = ['mechanical', 'quartz', 'digital', 'hands-and-digital'] as const
export type MovementKind = (typeof MOVEMENT_KINDS)[number]

export const STEM_RELEASES = ['push-pin', 'lever', 'dot', 'release-screw', 'split-stem', 'no-stem'] as const
export type StemRelease = (typeof STEM_RELEASES)[number]

export const CROWN_POSITIONS = ['in', 'date', 'hand-setting'] as const
export type CrownPosition = (typeof CROWN_POSITIONS)[number]

export const CROWN_KINDS = ['push-pull', 'screw-down', 'none'] as const
export type CrownKind = (typeof CROWN_KINDS)[number]

/** `screws-turn-in`: case screws that are screwed in, not out, to free the movement. */
export const MOVEMENT_HOLDS = ['clamps', 'screws-turn-in', 'holding-ring', 'spacers', 'back-alone'] as const
export type MovementHold = (typeof MOVEMENT_HOLDS)[number]

export const NOTCH_SHAPES = ['square', 'round', 'large', 'tooth'] as const
export type NotchShape = (typeof NOTCH_SHAPES)[number]

/** True when there are hands a shard can jam. */
export function hasHands(movement: MovementKind): boolean {
  return movement !== 'digital'
}

/** True when there is a cell to take out. */
export function hasCell(movement: MovementKind): boolean {
  return movement !== 'mechanical'
}

/** Bezels that can hold a crystal: pressed on, the usual one first. */
export const HOLDING_BEZELS: readonly BezelKind[] = [
  'crystal-retaining',
  'fixed-friction',
  'rotating-click',
  'rotating-friction',
]

/** True when the bezel turns. */
export function turns(bezel: BezelKind): boolean {
  return bezel === 'rotating-click' || bezel === 'rotating-friction'
}

/** True when the bezel is held by pressing, so that it is pried or jawed off. */
export function isPressedOn(bezel: BezelKind): boolean {
  return bezel === 'fixed-friction' || bezel === 'crystal-retaining' || turns(bezel)
}
