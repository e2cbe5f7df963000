/** Ticks round a middle, as they are printed. */
export interface TickPrint {
  /** mm from the middle */
  readonly innerMm: number
  readonly outerMm: number
  readonly widthMm: number
  /** of every fifth */
  readonly fifthWidthMm: number
  /** of the one at 12; the same as the fifth’s where it has no mark */
  readonly twelveWidthMm: number
  /** linear light, 0 to 1 */
  readonly ink: number
  readonly ground: number
}

export interface SceneHand {
  readonly directionDeg: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly face: number
}

/** A spot of light the glass throws back. */
export interface SceneGlare {
  readonly directionDeg: number
  readonly fromMiddleMm: number
  readonly radiusMm: number
  readonly strength: number
}

/** A dial under a ring as a camera from above sees them. */
export interface RingScene {
  readonly sidePx: number
  readonly pxPerMm: number
  readonly dial: TickPrint
  readonly ring: TickPrint
  /** of the whole case in the picture, degrees clockwise */
  readonly caseTurnedDeg: number
  /** of the ring against the dial */
  readonly turnedDeg: number
  readonly towards3Mm: number
  readonly towards12Mm: number
  /** how far the dial lies below the ring, mm */
  readonly depthMm: number
  /** of the camera off straight down, and to which side */
  readonly tiltDeg: number
  readonly tiltToDeg: number
  readonly hands: readonly SceneHand[]
  readonly glares: readonly SceneGlare[]
  /** standard deviation of the blur, px */
  readonly blurPx: number
  /** brighter to one side by this part of the middle’s brightness, at the edge */
  readonly uneven: number
  readonly noise: number
  readonly seed: number
}
