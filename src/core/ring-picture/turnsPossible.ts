import { TICK_DEG } from './fitTicks'
import type { RingReading } from './readRing'

const FIVE_MINUTES_DEG = 30
/** Seen on less of the circle than this, a reading rests on few ticks. */
const WELL_SEEN = 0.6

/** The turns a reading leaves possible, the likeliest in the middle: one where it knows the very tick. */
export function turnsPossible({ displacement: { turnedDeg }, known }: RingReading): number[] {
  if (known === 'tick') return [turnedDeg]
  const apart = known === 'five-minutes' ? FIVE_MINUTES_DEG : TICK_DEG
  // Within what repeats, the smallest either way: a ring is rarely further off.
  const least = turnedDeg - apart * Math.round(turnedDeg / apart)
  return [least - apart, least, least + apart]
}

/** Why a reading is not to be trusted alone, with what to do; null where it is. */
export function poorlySeen({ seen }: RingReading): string | null {
  const share = seen.filter(Boolean).length / seen.length
  if (share >= WELL_SEEN) return null
  return `Ticks of both are seen on ${Math.round(100 * share)} % of the circle: glare, hands or blur hide the rest. Move the lamp or the hands and take it again, or take a second picture with the head turned by half.`
}
