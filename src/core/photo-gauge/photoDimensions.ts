import type { DimensionId } from '../readings/dimensions'

/** What a picture on the gauge sheet can show, and from which side its circle is seen. */
export const PHOTO_DIMENSIONS = {
  'crystal-diameter': 'outline',
  'insert-outer': 'outline',
  'insert-inner': 'hole',
  'gasket-outer': 'outline',
  'bezel-inner': 'hole',
  'chapter-ring-inner': 'hole',
} as const satisfies Readonly<Partial<Record<DimensionId, 'outline' | 'hole'>>>

export type PhotoDimension = keyof typeof PHOTO_DIMENSIONS
export const PHOTO_DIMENSION_IDS = Object.keys(PHOTO_DIMENSIONS) as PhotoDimension[]
