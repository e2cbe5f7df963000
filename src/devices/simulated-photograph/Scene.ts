import type { PrintScale } from '@/core/photo-gauge/gaugeSheet'

/** A piece lying on the gauge sheet. All lengths mm, places in sheet coordinates as printed. */
export type ScenePiece = ScenePart & {
  readonly centreXMm: number
  readonly centreYMm: number
  /** how high its upper face stands over the paper */
  readonly heightMm: number
}

export type ScenePart =
  | {
      /** a sector of a glass disc, its two breaks ragged */
      readonly kind: 'shard'
      readonly radiusMm: number
      readonly bevelMm: number
      /** degrees, clockwise as seen, from the direction of x */
      readonly fromDeg: number
      readonly toDeg: number
      /** chips along the rim: where, degrees, and how deep */
      readonly chips: readonly { readonly atDeg: number; readonly depthMm: number }[]
    }
  | {
      readonly kind: 'ring'
      readonly outerRadiusMm: number
      readonly innerRadiusMm: number
      /** brightness of its face, linear light, 0…1 */
      readonly face: number
    }

export interface SceneCamera {
  readonly widthPx: number
  readonly heightPx: number
  /** lens above the paper, square to it, mm */
  readonly heightMm: number
  /** degrees off looking straight down, and the direction it leans to, degrees */
  readonly tiltDeg: number
  readonly leanDeg: number
  /** turn of the picture about its own middle, degrees */
  readonly rollDeg: number
  /** width of the sheet that fills the picture's width, mm */
  readonly fieldMm: number
  /** blur of lens and hand, standard deviation, px */
  readonly blurPx: number
  /** noise of a white pixel, standard deviation, part of white */
  readonly noise: number
}

export interface Scene {
  readonly pieces: readonly ScenePiece[]
  readonly camera: SceneCamera
  readonly print: PrintScale
  /** how dark a piece's shadow is, 0…1, and how far it falls for every mm of height, mm */
  readonly shadow: { readonly depth: number; readonly xPerMm: number; readonly yPerMm: number }
  readonly seed: number
}

/** A scene without pieces, camera level, print true: what a test changes one thing of. */
export const PLAIN_SCENE: Scene = {
  pieces: [],
  camera: {
    widthPx: 1600,
    heightPx: 1200,
    heightMm: 320,
    tiltDeg: 0,
    leanDeg: 0,
    rollDeg: 0,
    fieldMm: 145,
    blurPx: 0.8,
    noise: 0.01,
  },
  print: { x: 1, y: 1, uncertainty: 0 },
  shadow: { depth: 0, xPerMm: 0, yPerMm: 0 },
  seed: 1,
}
