import { bezel } from './bezel'
import { chapterRing } from './chapterRing'
import { crystal } from './crystal'
import { die } from './die'
import { gasket } from './gasket'
import { insert } from './insert'
import { oRing } from './oRing'
import { supply } from './supply'
import type { Part } from './Part'

const TABLE = {
  crystal,
  gasket,
  'o-ring': oRing,
  bezel,
  insert,
  'chapter-ring': chapterRing,
  die,
  supply,
} as const satisfies Readonly<Record<string, Part>>

export type PartKind = keyof typeof TABLE

/** Kinds of part the drawers hold, in the order they are looked through. */
export const PART_KINDS = Object.keys(TABLE) as [PartKind, ...PartKind[]]

export const PARTS: Readonly<Record<PartKind, Part>> = TABLE
