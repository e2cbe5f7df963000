import type { StraightPair } from './pairs'

import type { Displacement } from './Displacement'

/** What ticks are read with, one by one. Common practice. */
export const LOOK_METHODS = ['loupe', 'caliper', 'eye'] as const
/** A picture reads all of them at once. */
export const KEPT_METHODS = [...LOOK_METHODS, 'picture'] as const
export type LookMethod = (typeof LOOK_METHODS)[number]
export type KeptMethod = (typeof KEPT_METHODS)[number]

export const METHOD_WORDS: Readonly<Record<LookMethod, string>> = {
  loupe: 'loupe with a scale',
  caliper: 'caliper',
  eye: 'by eye against the tick’s own width',
}

/** Standard uncertainty of one reading, mm. From memory. */
export const READING_NOISE_MM: Readonly<Record<LookMethod, number>> = { loupe: 0.03, caliper: 0.05, eye: 0.1 }

/** What a picture told of a ring, with how sure it is. */
export interface ByPicture extends Displacement {
  /** standard uncertainty of the turn, degrees */
  readonly turnUncertaintyDeg: number
  /** standard uncertainty of the middle, to either side, mm */
  readonly centreUncertaintyMm: number
}

/** How far a tick stands clockwise of the one it belongs to, at one hour. */
export interface HourOffset {
  /** 1 to 12 */
  readonly hour: number
  /** mm; anticlockwise is negative */
  readonly offsetMm: number
}

/** One look at a pair: as it was found, or after something was done about it. */
export interface StraightLook {
  readonly id: number
  readonly pair: StraightPair
  readonly method: KeptMethod
  /** where the ticks meet, mm from the middle */
  readonly radiusMm: number
  /** what the owner lets pass, mm; null where nothing was said */
  readonly limitMm: number | null
  readonly offsets: readonly HourOffset[]
  /** whether it moved when the case was tilted; null where that was not tried */
  readonly moves: boolean | null
  /** the remedy done before it; null for one as found */
  readonly after: string | null
  /** that remedy in words, as it was told */
  readonly afterWords: string
  /** null where ticks were read one by one */
  readonly byPicture: ByPicture | null
  /** the picture of the tray it was read from, and the one with the head turned by half; null where there is none */
  readonly photoId: number | null
  readonly secondPhotoId: number | null
  readonly at: Date
}
