import type { GreyImage, Pixel } from '../photo-gauge/GreyImage'
import { brightnessAt } from '../photo-gauge/GreyImage'

const { cos, sin, PI, max, min } = Math

/** Where ticks lie round a middle, px of the picture. */
export interface Track {
  readonly centre: Pixel
  readonly innerPx: number
  readonly outerPx: number
  /** where its 12 lies in the picture, degrees clockwise from straight up */
  readonly twelveDeg: number
}

/** Steps of a strip round the whole circle: a tenth of a degree. */
export const STRIP_STEPS = 3600
const MOST_RINGS = 12
/** The slow part is the mean over this much of the circle, steps: two ticks each way. */
const SLOW_STEPS = 240
/** Brighter or darker than so many times the usual swing is a hand or a glare, not a tick. */
const CLIP = 2.5

/**
 * A track unrolled: brightness from 12 clockwise, averaged across it.
 * @returns null where part of it lies outside the picture
 */
export function unrolled(
  image: GreyImage,
  { centre, innerPx, outerPx, twelveDeg }: Track,
  steps = STRIP_STEPS,
): Float64Array | null {
  const strip = new Float64Array(steps)
  const rings = max(2, min(MOST_RINGS, Math.round(outerPx - innerPx)))
  for (let i = 0; i < steps; i++) {
    const angle = (2 * PI * i) / steps + (twelveDeg * PI) / 180
    const [s, c] = [sin(angle), cos(angle)]
    let sum = 0
    for (let ring = 0; ring < rings; ring++) {
      const radius = innerPx + ((outerPx - innerPx) * (ring + 0.5)) / rings
      const value = brightnessAt(image, centre.x + radius * s, centre.y - radius * c)
      if (value === null) return null
      sum += value
    }
    strip[i] = sum / rings
  }
  return strip
}

/** A track's middle once it was found to lie otherwise: by parts of its radius, to its own 3 and 12. */
export function movedTo(
  { centre, twelveDeg }: Pick<Track, 'centre' | 'twelveDeg'>,
  by: { readonly towards3: number; readonly towards12: number },
  radiusPx: number,
): Pixel {
  const [s, c] = [sin((twelveDeg * PI) / 180), cos((twelveDeg * PI) / 180)]
  const [to3, to12] = [by.towards3 * radiusPx, by.towards12 * radiusPx]
  return { x: centre.x + to3 * c + to12 * s, y: centre.y + to3 * s - to12 * c }
}

/**
 * Ticks alone, as upward strokes: the slow part taken away, what stands out more than a tick does cut off, dark ticks
 * turned bright.
 */
export function ticksOf(strip: Float64Array): Float64Array {
  const slow = runningMean(strip, Math.round((SLOW_STEPS * strip.length) / STRIP_STEPS))
  const fast = strip.map((value, i) => value - (slow[i] ?? 0))
  const swing = medianOfSizes(fast)
  const clipped = fast.map((value) => max(-CLIP * swing, min(CLIP * swing, value)))
  // Gaps are wider than ticks: what is rarer is the tick.
  const sign = skewOf(clipped) < 0 ? -1 : 1
  return clipped.map((value) => sign * value)
}

/** Mean over `width` steps about each step, round the circle. */
function runningMean(strip: Float64Array, width: number): Float64Array {
  const { length } = strip
  const half = Math.floor(width / 2)
  let sum = 0
  for (let i = -half; i <= half; i++) sum += strip[(i + length) % length] ?? 0
  return strip.map((_, i) => {
    const mean = sum / (2 * half + 1)
    sum += (strip[(i + half + 1) % length] ?? 0) - (strip[(i - half + length) % length] ?? 0)
    return mean
  })
}

/** How far ticks usually swing: their larger half. */
function medianOfSizes(values: Float64Array): number {
  const sizes = values.map(Math.abs).sort()
  return sizes[Math.floor(0.8 * sizes.length)] ?? 0
}

function skewOf(values: Float64Array): number {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  return values.reduce((sum, value) => sum + (value - mean) ** 3, 0)
}
