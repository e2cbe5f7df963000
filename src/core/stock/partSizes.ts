import type { PartKind } from './partKinds'

/** The sizes a technician names a part by, the most telling first: field names of its record. */
export const PART_SIZES: Readonly<Record<PartKind, readonly string[]>> = {
  crystal: ['diameterMm', 'edgeThicknessMm'],
  gasket: ['outerDiameterMm', 'wallMm', 'heightMm'],
  'o-ring': ['innerDiameterMm', 'sectionMm'],
  bezel: ['outerMm', 'innerMm'],
  insert: ['outerMm', 'innerMm', 'thicknessMm'],
  'chapter-ring': ['outerMm', 'innerMm', 'heightMm'],
  die: ['outerDiameterMm', 'openingMm'],
  supply: [],
}

/** What lines of a kind lie sorted by before their sizes: pushers apart from supports. */
export const PART_SORTED_FIRST: Readonly<Partial<Record<PartKind, string>>> = { die: 'role' }

/** Texts of a part that words of a search are looked for in, beside its code, drawer, supplier and supplier's code. */
export const PART_WORDS_IN: Readonly<Record<PartKind, readonly string[]>> = {
  crystal: ['material', 'profile', 'build', 'magnifier', 'arCoating'],
  gasket: ['material', 'use', 'section', 'colour', 'family'],
  'o-ring': ['material'],
  bezel: ['bezelKind', 'material', 'family'],
  insert: ['material', 'form', 'colour', 'family'],
  'chapter-ring': ['form', 'material', 'colour', 'family'],
  die: ['role', 'material'],
  supply: ['name'],
}
