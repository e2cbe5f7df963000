/** Kinds of part the drawers hold. */
export const PART_KINDS = [
  'crystal',
  'gasket',
  'o-ring',
  'bezel',
  'insert',
  'chapter-ring',
  'die',
  'supply',
] as const
export type PartKind = (typeof PART_KINDS)[number]

export const PART_WORDS: Readonly<Record<PartKind, { readonly one: string; readonly many: string }>> = {
  crystal: { one: 'crystal', many: 'Crystals' },
  gasket: { one: 'gasket', many: 'Gaskets' },
  'o-ring': { one: 'O-ring', many: 'O-rings' },
  bezel: { one: 'bezel', many: 'Bezels' },
  insert: { one: 'insert', many: 'Inserts' },
  'chapter-ring': { one: 'chapter ring', many: 'Chapter rings' },
  die: { one: 'die', many: 'Dies' },
  supply: { one: 'supply', many: 'Supplies' },
}

/** Why a count changed. */
export const MOVE_REASONS = [
  'first-count',
  'picked',
  'put-back',
  'counted',
  'received',
  'corrected',
  'imported',
] as const
export type MoveReason = (typeof MOVE_REASONS)[number]
