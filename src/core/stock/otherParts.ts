import type { BezelKind, InsertForm, Metal } from '../construction/kinds'
import type { StockLine } from './StockLine'

/** What O-rings are made of: generic names. */
export const O_RING_MATERIALS = ['nitrile', 'fluororubber', 'silicone', 'EPDM'] as const
export type ORingMaterial = (typeof O_RING_MATERIALS)[number]

/** An O-ring as sold: free sizes, mm. */
export interface StockORing extends StockLine {
  readonly innerDiameterMm: number
  readonly sectionMm: number
  readonly material: ORingMaterial
}

/** What inserts in the drawers are made of. */
export const STOCK_INSERT_MATERIALS = ['aluminium', 'ceramic', 'steel', 'sapphire'] as const
export type StockInsertMaterial = (typeof STOCK_INSERT_MATERIALS)[number]

/** A bezel as sold. Lengths mm; null where the supplier does not say. */
export interface StockBezel extends StockLine {
  readonly bezelKind: BezelKind
  readonly material: Metal
  readonly outerMm: number
  /** what goes over the case neck */
  readonly innerMm: number
  /** bore for the crystal with its ring; null where the crystal is not in the bezel */
  readonly boreMm: number | null
  readonly keySpacingMm: number | null
  readonly keyWidthMm: number | null
  /** recess for an insert: outer wall, inner wall, depth */
  readonly recessOuterMm: number | null
  readonly recessInnerMm: number | null
  readonly recessDepthMm: number | null
  /** a full turn of a clicking bezel; null for others */
  readonly clicks: number | null
  /** what it belongs to: parts of another family look alike and do not serve */
  readonly family: string
}

/** A bezel insert as sold. Lengths mm. */
export interface StockInsert extends StockLine {
  readonly outerMm: number
  readonly innerMm: number
  readonly thicknessMm: number
  readonly form: InsertForm
  readonly material: StockInsertMaterial
  readonly colour: string
  readonly family: string
}

/** Chapter rings as sold: loose ones are set by eye, keyed ones by a key in a notch. */
export const STOCK_CHAPTER_RINGS = ['loose', 'keyed'] as const
export type StockChapterRingForm = (typeof STOCK_CHAPTER_RINGS)[number]

/** What chapter rings in the drawers are made of. */
export const CHAPTER_RING_MATERIALS = ['plastic', 'brass', 'steel'] as const
export type ChapterRingMaterial = (typeof CHAPTER_RING_MATERIALS)[number]

/** A chapter ring as sold: it lies under the crystal, round the dial. Lengths mm. */
export interface StockChapterRing extends StockLine {
  readonly outerMm: number
  /** the opening the dial is seen through */
  readonly innerMm: number
  readonly heightMm: number
  readonly form: StockChapterRingForm
  readonly material: ChapterRingMaterial
  readonly colour: string
  readonly family: string
}

/** Anything else that is used up: cement, tape, grease, cloths. */
export interface StockSupply extends StockLine {
  readonly name: string
}
