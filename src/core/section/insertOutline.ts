import type { Outline, Point } from './outline'
import { outline } from './outline'

/** Of a bezel's slope, left bare at either end of its insert. Assumed. */
const BARE_SHARE = 0.1

export interface InlaidBezel {
  /** the bezel's own edge between the two points, with the recess in it */
  readonly edge: readonly Point[]
  readonly insert: Outline
}

/**
 * An insert let into the slope of a bezel, its face flush with the metal.
 * @param from - inner end of the slope, `to` its outer end, both on the bezel's outline
 * @param thicknessMm - > 0
 */
export function inlaidInsert(from: Point, to: Point, thicknessMm: number): InlaidBezel {
  const along = ([share, depth]: readonly [number, number]): Point => {
    const [dr, dz] = [to[0] - from[0], to[1] - from[1]]
    const length = Math.hypot(dr, dz)
    // Inward is to the right of the way outward: down for a flat top.
    return [from[0] + share * dr + (depth * dz) / length, from[1] + share * dz - (depth * dr) / length]
  }
  const face = [along([BARE_SHARE, 0]), along([1 - BARE_SHARE, 0])] as const
  const bed = [along([1 - BARE_SHARE, thicknessMm]), along([BARE_SHARE, thicknessMm])] as const
  return {
    edge: [from, face[0], bed[1], bed[0], face[1], to],
    insert: outline('insert', [...face, ...bed]),
  }
}
