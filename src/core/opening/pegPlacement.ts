import { requireInteger } from '../guard/require'

/** Where a case holder's pegs stand. Degrees clockwise from 12. */
export interface PegPlacement {
  /** angle of every peg, ascending, 0 to 360 */
  readonly pegsDeg: readonly number[]
  /** least angle between any peg and anything it must stay off, degrees */
  readonly clearDeg: number
  /** false when a peg would touch: use fewer pegs or jaws at the lugs */
  readonly clears: boolean
}

/** Half of what crown and peg together cover on the case side, degrees. From memory, for a 36–42 mm case. */
const NEEDED_CLEARANCE_DEG = 16
const STEP_DEG = 1

/** Angle between two directions, 0 to 180 degrees. */
export function angleBetween(aDeg: number, bDeg: number): number {
  const apart = Math.abs(((aDeg - bDeg) % 360) + 360) % 360
  return Math.min(apart, 360 - apart)
}

/**
 * Turns evenly spaced pegs so that they stay as far from crown and pushers as they can.
 * @param pegCount - pegs of the holder, integer 2 to 8, evenly spaced
 * @param keepClearDeg - directions of crown and pushers, degrees clockwise from 12
 */
export function pegPlacement(pegCount: number, keepClearDeg: readonly number[]): PegPlacement {
  requireInteger('pegCount', pegCount, { min: 2, max: 8 })
  const pitch = 360 / pegCount
  let best: PegPlacement | null = null
  for (let turn = 0; turn < pitch; turn += STEP_DEG) {
    const pegsDeg = Array.from({ length: pegCount }, (_, i) => turn + i * pitch)
    const clearDeg = Math.min(180, ...pegsDeg.flatMap((peg) => keepClearDeg.map((k) => angleBetween(peg, k))))
    if (!best || clearDeg > best.clearDeg) {
      best = { pegsDeg, clearDeg, clears: clearDeg >= NEEDED_CLEARANCE_DEG }
    }
  }
  if (!best) throw new RangeError(`pegCount: expected 2 to 8 pegs, got ${pegCount}`)
  return best
}

/**
 * Pegs of a case holder: four where they clear crown and pushers, else two opposite each other, else none. What is
 * drawn and what is said go by the same pegs.
 * @param keepClearDeg - directions of crown and pushers, degrees clockwise from 12
 */
export function holderPegs(keepClearDeg: readonly number[]): PegPlacement {
  const [four, two] = [4, 2].map((count) => pegPlacement(count, keepClearDeg)) as [PegPlacement, PegPlacement]
  if (four.clears) return four
  return two.clears ? two : { ...two, pegsDeg: [] }
}

/** Hours 1 to 12 as directions. */
export function degreesOfHour(hour: number): number {
  return (hour % 12) * 30
}
