import type { Outline, Point } from './outline'
import { outline } from './outline'

/** Of a bezel's slope, left bare at either end of its insert. Assumed. */
const BARE_SHARE = 0.1

export interface InlaidBezel {
  /** the bezel's own edge between the two points, with the recess in it */
  readonly edge: readonly Point[]
  readonly insert: Outline
}

/** Metal under a recess is never drawn away: an insert drawn sunk stays this deep at most, of its thickness. Assumed. */
const MOST_SUNK_SHARE = 0.8

/**
 * An insert let into the slope of a bezel.
 * @param from - inner end of the slope, `to` its outer end, both on the bezel's outline
 * @param thicknessMm - > 0
 * @param flushMm - its face against the metal: + proud, − sunk
 */
export function inlaidInsert(from: Point, to: Point, thicknessMm: number, flushMm = 0): InlaidBezel {
  const along = ([share, depth]: readonly [number, number]): Point => {
    const [dr, dz] = [to[0] - from[0], to[1] - from[1]]
    const length = Math.hypot(dr, dz)
    // Inward is to the right of the way outward: down for a flat top.
    return [from[0] + share * dr + (depth * dz) / length, from[1] + share * dz - (depth * dr) / length]
  }
  const most = MOST_SUNK_SHARE * thicknessMm
  const standsMm = Math.max(-most, Math.min(most, flushMm))
  const level = (depth: number) => [along([BARE_SHARE, depth]), along([1 - BARE_SHARE, depth])] as const
  const rim = level(0)
  const face = level(-standsMm)
  const bed = [...level(thicknessMm - standsMm)].reverse()
  return {
    edge: [from, rim[0], ...[...bed].reverse(), rim[1], to],
    insert: outline('insert', [...face, ...bed]),
  }
}
