/** From the axis outward, and upward from the crystal's seat, mm. */
export type Point = readonly [rMm: number, zMm: number]

export type SectionMaterial =
  | 'case'
  | 'bezel'
  | 'insert'
  | 'back'
  | 'crystal'
  | 'gasket'
  | 'cement'
  | 'metal-ring'
  | 'chapter-ring'
  | 'dial'
  | 'movement'
  | 'back-seal'

export interface Outline {
  readonly material: SectionMaterial
  /** closed polygon */
  readonly points: readonly Point[]
}

/** A closed outline of one material. */
export function outline(material: SectionMaterial, points: readonly Point[]): Outline {
  return { material, points }
}
